import {
  answerTakeoff,
  standardOf,
  CALCULATORS,
  type Field,
  type Calculator,
} from '../../src/core/estimating/calculators';
import { EXAMPLES, METRIC_EXAMPLES, type Example } from './examples';

const ABOUT = `# Sums

Every calculator of Fresh Porch: what it takes, what it answers, and one example worked by hand. Written by
\`npm run sums\` from the code and \`tools/sums/examples.ts\`; a test runs every example.

    npm run -s core -- takeoff FILE        {"units": …, "room": …, "finish": {"kind": …, fields}}

- \`units\`: \`imperial\` or \`metric\`; lengths are texts as people write them, in either: \`12' 3 1/2"\`, \`147.5"\`, \`3.74 m\`. Nought is \`"0"\`.
- \`room.walls\`: clockwise, each with \`length\` and \`turn\` (degrees to the right at its end, 90 when left out). \`height\`: at the low side.
- \`room.ceiling\`: \`{"kind":"flat"}\`, \`{"kind":"vaulted","pitch":"6/12"}\` or \`{"kind":"vaulted","high":"12'"}\` (with \`"shape":"gable"\` or \`"shed"\`), \`{"kind":"tray","rise":…,"inset":…}\`.
- \`room.openings\`: \`wall\` from 0, \`kind\` door, window or opening, \`offset\` from the left corner seen from inside, \`width\`, \`height\`, \`sill\`.
- In a house of metres answers are metric; a field that is asked in two ways has its metric name beside it (\`carton\`, \`cartonMetric\`), and both are read anywhere.
- Fields with a standard may be left out. A sum that draws on a room also works from typed sizes where it has fields for them.
- Out: \`areas\` (null without a room), \`lines\` with \`quantity\`, \`unit\`, \`working\` and \`source\`, \`cautions\`. Bad input ends with 2 and one line.
- Starting figures (spread, waste, prices, weights) are made up or usual; a label, your own figure or your building office wins.
`;

function mayBe(field: Field): string {
  switch (field.type) {
    case 'length':
      return 'a length';
    case 'lengths':
      return 'lengths, a list or a text with commas';
    case 'numbers':
      return `numbers${field.unit ? `, ${field.unit}` : ''}, a list or a text with commas`;
    case 'number':
      return `${field.whole ? 'whole number' : 'number'}${field.unit ? `, ${field.unit}` : ''}`;
    case 'choice':
      return field.options.map((option) => `\`${option}\``).join(', ');
    case 'flag':
      return 'true or false';
  }
}

/** What stands in a field, in either house. */
function standard(field: Field): string {
  const [imperial, metric] = [standardOf(field, 'imperial'), standardOf(field, 'metric')];
  if (field.type === 'flag') return 'false';
  if (imperial === undefined) return '';
  return imperial === metric ? `\`${imperial}\`` : `\`${imperial}\`, metric \`${metric}\``;
}

function section(sum: Calculator): string {
  const example = EXAMPLES[sum.kind];
  const answer = answerTakeoff(JSON.stringify(example?.ask));
  const ids = answer.ok ? answer.value.lines.map(({ id }) => `\`${id}\``).join(', ') : '';
  const fields = Object.entries<Field>(sum.fields).map(
    ([name, field]) =>
      `- \`${name}\`: ${field.label}; ${mayBe(field)}${standard(field) ? `; standard ${standard(field)}` : ''}`,
  );
  return [
    `## ${sum.kind}`,
    `${sum.title}. ${sum.asks}${sum.usesRoom ? ' Draws on the room.' : ''}`,
    fields.join('\n'),
    `Answers here: ${ids}.`,
    ...workedExample(example),
    ...workedExample(METRIC_EXAMPLES[sum.kind]),
  ].join('\n\n');
}

function workedExample(example: Example | undefined): string[] {
  if (!example) return [];
  const answers = Object.entries(example.answers).map(([id, quantity]) => `${id} = ${quantity}`);
  return [
    `    ${JSON.stringify(example.ask)}`,
    `By hand: ${example.byHand}`,
    `    ${answers.join('; ')}`,
  ];
}

export const sumsDocument = (): string => `${[ABOUT, ...CALCULATORS.map(section)].join('\n')}\n`;
