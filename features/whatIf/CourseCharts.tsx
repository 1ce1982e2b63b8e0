import { HOUR } from '@core/measure';
import { type SetupCourse, type CourseMoment } from '@core/whatIf';
import { TimeChart, type TimePoint } from '@kit/TimeChart';

import { ChartPanel, type ChartTable } from '../parts/ChartPanel';

export const WAY_NAMES = ['This way', 'The other way'] as const;

interface Charted {
  readonly courses: readonly [SetupCourse, SetupCourse];
  readonly days: number;
}

/** Heights of two courses over the same days, and what the difference comes to. */
export const HeightChart = ({ said, ...charted }: Charted & { readonly said: string }) => (
  <CourseChart
    {...charted}
    title="Height"
    said={said}
    file="what-if-height"
    of={({ height }) => 100 * (height - 1)}
    text={(pct) => `${Math.round(pct)} %`}
    label={`Percent above the band, which is set anew at each feed. ${said}`}
    legend="Drawn through: this way. Dashed: the other way."
  />
);

/** What they eat, and how sour they turn. */
export const FoodCharts = (charted: Charted) => (
  <>
    <CourseChart
      {...charted}
      title="Food left"
      said="How much of its flour it has not eaten yet."
      file="what-if-food"
      of={({ food }) => 100 * food}
      text={(pct) => `${Math.round(pct)} %`}
      label="Food left, in percent of what the flour has, for both ways."
    />
    <CourseChart
      {...charted}
      title="Sourness"
      said="Acid in the jar. Around 4 it is mild, around 8 tangy, above 10 sharp."
      file="what-if-sourness"
      of={({ acid }) => acid}
      text={(acid) => String(Math.round(10 * acid) / 10)}
      label="Acid in the jar, in millilitres of tenth-normal lye to ten grams, for both ways."
    />
  </>
);

function CourseChart({
  title,
  said,
  file,
  courses,
  of,
  text,
  label,
  legend = '',
  days,
}: Charted & {
  readonly title: string;
  readonly said: string;
  readonly file: string;
  readonly of: (moment: CourseMoment) => number;
  readonly text: (value: number) => string;
  readonly label: string;
  readonly legend?: string;
}) {
  const apart = APART.find((hours) => (24 * days) / hours <= 5) ?? 168;
  const times = Array.from(
    { length: Math.floor((24 * days) / apart) + 1 },
    (_, i) => i * apart * HOUR,
  );
  return (
    <ChartPanel
      title={title}
      said={said}
      file={file}
      table={tableOf(courses, of, title)}
      {...(legend ? { legend } : {})}
    >
      <TimeChart
        series={courses.map((course, i) => ({
          name: WAY_NAMES[i]!,
          tone: i === 0 ? 'rim' : 'crust',
          as: i === 0 ? 'line' : 'dashed',
          points: pointsOf(course, of),
        }))}
        valueText={text}
        timeText={(at) => hoursText(at / HOUR, apart)}
        times={times}
        fromZero
        label={label}
      />
    </ChartPanel>
  );
}

/** Hours between what is named under a chart. */
const APART = [12, 24, 48, 72, 168];

/** "12 h", "3 days": since the first feed. */
const hoursText = (hours: number, apart: number): string =>
  hours === 0
    ? 'fed'
    : apart < 24
      ? `${hours} h`
      : `${hours / 24} ${hours === 24 ? 'day' : 'days'}`;

/** A screen shows no more points of a line than this. */
const POINTS = 700;

/** A course as a line, broken where the band is set anew. */
function pointsOf(
  { moments }: SetupCourse,
  of: (moment: CourseMoment) => number,
): readonly TimePoint[] {
  const every = Math.max(1, Math.floor(moments.length / POINTS));
  return moments.flatMap((moment, i): readonly TimePoint[] => {
    const next = moments[i + 1];
    const point: TimePoint = [moment.hours * HOUR, of(moment)];
    const fedHere = next !== undefined && next.hours <= moment.hours + 1e-6;
    if (fedHere) return [point, [moment.hours * HOUR, null]];
    return i % every === 0 || next === undefined ? [point] : [];
  });
}

/** A row for every hour. */
function tableOf(
  courses: readonly [SetupCourse, SetupCourse],
  of: (moment: CourseMoment) => number,
  title: string,
): ChartTable {
  const hourly = courses.map(({ moments }) => {
    const found: number[] = [];
    for (const moment of moments) {
      const hour = Math.round(moment.hours);
      if (found[hour] === undefined && moment.hours >= hour - 0.13)
        found[hour] = Math.round(100 * of(moment)) / 100;
    }
    return found;
  });
  const length = Math.max(...hourly.map((column) => column.length));
  return {
    columns: ['hours', ...WAY_NAMES.map((name) => `${title.toLowerCase()}, ${name.toLowerCase()}`)],
    rows: Array.from({ length }, (_, hour) => [
      hour,
      ...hourly.map((column) => column[hour] ?? ''),
    ]),
  };
}
