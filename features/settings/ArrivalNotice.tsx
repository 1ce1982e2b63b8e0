import { Notice, Button, Words } from '@kit';

import { entriesText, type useTakeIn } from './useTakeIn';

/** What a file would bring, and the last word on it. */
export function ArrivalNotice({ taking }: { readonly taking: ReturnType<typeof useTakeIn> }) {
  const { reading, arrival, problem, accept, leave } = taking;
  if (reading) return <Words live>Reading the file …</Words>;
  if (problem !== null)
    return (
      <Words tone="beet" live>
        {problem}
      </Words>
    );
  if (!arrival) return null;
  const { fresh, known, refused, repeated } = arrival;
  const said = [
    refused.length > 0
      ? `${entriesText(refused.length)} cannot be read and ${refused.length === 1 ? 'stays' : 'stay'} out. The first: ${refused[0]}.`
      : '',
    repeated > 0 ? `${entriesText(repeated)} came twice and count once.` : '',
    'Nothing here is overwritten: new entries are added, and where two disagree the later one counts.',
  ];
  return (
    <Notice
      tone="rim"
      title={`The file holds ${entriesText(fresh.length + known)}, ${fresh.length} of them new`}
      actions={
        <>
          <Button kind="main" onPress={() => void accept(arrival)}>
            Take in
          </Button>
          <Button onPress={leave}>Leave it</Button>
        </>
      }
    >
      {said.filter((sentence) => sentence !== '').join(' ')}
    </Notice>
  );
}
