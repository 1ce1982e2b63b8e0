import { Choice, Field, Panel, Words, useTyped } from '@kit';

import { ORDER_OPTIONS } from '../words';
import { useSetting } from './useSetting';

/** Looks and units. */
export function ShownPanel() {
  const { settings, set } = useSetting();
  return (
    <Panel label="How things are shown">
      <Words size="title" level={2}>
        How things are shown
      </Words>
      <Choice
        label="Theme"
        options={[
          { is: 'system' as const, text: 'As the device' },
          { is: 'light' as const, text: 'Light' },
          { is: 'dark' as const, text: 'Dark' },
        ]}
        chosen={settings.theme}
        onChoose={(theme) => set({ theme })}
      />
      <Choice
        label="Temperature"
        options={[
          { is: 'celsius' as const, text: '°C' },
          { is: 'fahrenheit' as const, text: '°F' },
        ]}
        chosen={settings.temperature}
        onChoose={(temperature) => set({ temperature })}
      />
      <Choice
        label="Clock"
        options={[
          { is: '24' as const, text: '18:20' },
          { is: '12' as const, text: '6:20 pm' },
        ]}
        chosen={settings.clock}
        onChoose={(clock) => set({ clock })}
      />
      <Choice
        label="Dates"
        options={ORDER_OPTIONS}
        chosen={settings.dates}
        onChoose={(dates) => set({ dates })}
      />
      <Choice
        label="Weights"
        options={[
          { is: false, text: 'Grams' },
          { is: true, text: 'Grams, with ounces beside' },
        ]}
        chosen={settings.ounces}
        onChoose={(ounces) => set({ ounces })}
      />
      <Choice
        label="Without a scale"
        options={[
          { is: false, text: 'Grams alone' },
          { is: true, text: 'Cups and spoons beside' },
        ]}
        chosen={settings.cups}
        onChoose={(cups) => set({ cups })}
      />
      <CurrencyField currency={settings.currency} onCurrency={(currency) => set({ currency })} />
      {settings.cups && (
        <Words size="small" tone="quiet">
          A levelled cup of flour can easily be 12 % out, and a scooped one more. A kitchen scale
          costs little and puts an end to that.
        </Words>
      )}
    </Panel>
  );
}

/** Three letters, kept once they name a currency or are emptied. */
function CurrencyField({
  currency,
  onCurrency,
}: {
  readonly currency: string;
  readonly onCurrency: (currency: string) => void;
}) {
  const { text, usable, onText, ...field } = useTyped(currency, {
    textOf: (code) => code,
    read: (typed) => {
      const code = typed.trim();
      return code === '' || Intl.supportedValuesOf('currency').includes(code) ? code : undefined;
    },
    onValue: onCurrency,
  });
  return (
    <Field
      label="Currency"
      text={text}
      {...field}
      onText={(to) => onText(to.toUpperCase())}
      problem={usable ? null : 'Its three letters, please, like EUR.'}
      hint="What you pay for flour in."
    />
  );
}
