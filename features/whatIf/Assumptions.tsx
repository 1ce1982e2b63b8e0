import { Folded, Words } from '@kit';

const SAID: readonly string[] = [
  'The first feed is at eight in the morning, with flour and water as warm as the room. The jar holds four times the mix, and its fridge is at 4 °C.',
  'Growth of yeast and bacteria at each temperature is as it was measured for organisms of sourdough (Gänzle, Ehmann and Hammes, Applied and Environmental Microbiology 64, 1998). How cells wake after a pause follows Baranyi and Roberts (1994).',
  'How fast food is eaten, gas made and gluten softened was fitted so that a usual starter rises, sinks and sours in the hours that keepers report. The warmth of the jar follows that of its place by Newton’s law of cooling.',
  'A starter of your own may be a quarter quicker or slower. Begin with one of your jars and its learnt pace is used.',
  'Not in it: the flour’s own enzymes from bag to bag, salt, chlorine in the water, other microbes of the first days, and how you stir. It knows no mould.',
  'Below 4 °C and above 36 °C it guesses more than it knows.',
];

/** What the room takes for granted, and where it ends. */
export function Assumptions() {
  return (
    <Folded title="What this stands on" said="sources, and what it does not know" open={false}>
      {SAID.map((text) => (
        <Words key={text}>{text}</Words>
      ))}
    </Folded>
  );
}
