import { type Settings } from '@core/journal';
import { Choice } from '@kit';

import { ORDER_OPTIONS } from '../words';

/** In which order a file gives day and month. */
export function DayOrderChoice({
  order,
  onOrder,
}: {
  readonly order: Settings['dates'];
  readonly onOrder: (order: Settings['dates']) => void;
}) {
  return (
    <Choice label="Days are written" options={ORDER_OPTIONS} chosen={order} onChoose={onOrder} />
  );
}
