import { z } from 'zod';
import { placeIdSchema, type Project, type Receipt, receiptTotal } from '@/core/house';
import { cents, formatPaid, plainMoney, type Currency, type PlainDate } from '@/core/units';
import {
  NO_SUCH_PLACE,
  areThere,
  dayField,
  moneyField,
  noteField,
  sumField,
  wordsField,
  type Fault,
  type Written,
} from '@/features/kit/form';

const HUNDRED = 100;

export const receiptFormSchema = (today: PlainDate, written: Written) =>
  z.object({
    is: z.enum(['purchase', 'deposit', 'refund']),
    shop: z.string().trim().max(120),
    on: dayField(today, written, { past: true, needed: true }),
    lines: z.array(
      z.object({
        what: wordsField('Say what it was.'),
        sum: sumField(written),
        kind: z.string(),
        rooms: z.array(z.string()),
        split: z.string(),
        covers: z.array(z.string()),
      }),
    ),
    tax: moneyField(written, cents(0)),
    total: moneyField(written, null),
    drawsOn: z.enum(['budget', 'contingency']),
    note: noteField,
  });
type Schema = ReturnType<typeof receiptFormSchema>;
export type ReceiptTyped = z.input<Schema>;
export type ReceiptRead = z.output<Schema>;
export type LineTyped = ReceiptTyped['lines'][number];

export const emptyLine = (over: Partial<LineTyped> = {}): LineTyped => ({
  what: '',
  sum: '',
  kind: 'materials',
  rooms: [],
  split: '',
  covers: [],
  ...over,
});

export const emptyReceipt = (): ReceiptTyped => ({
  is: 'purchase',
  shop: '',
  on: 'today',
  lines: [emptyLine()],
  tax: '',
  total: '',
  drawsOn: 'budget',
  note: '',
});

export const typedReceipt = (receipt: Receipt, currency: Currency): ReceiptTyped => ({
  is: receipt.is,
  shop: receipt.shop ?? '',
  on: receipt.on,
  lines: receipt.lines.map((line) =>
    emptyLine({
      what: line.what,
      sum: plainMoney(line.cents, currency),
      kind: line.kind,
      rooms: line.rooms.map(({ placeId }) => placeId),
      split:
        new Set(line.rooms.map(({ weight }) => weight)).size > 1
          ? line.rooms.map(({ weight }) => weight).join(' ')
          : '',
      covers: [...(line.covers ?? [])],
    }),
  ),
  tax: receipt.taxCents > 0 ? plainMoney(receipt.taxCents, currency) : '',
  total: '',
  drawsOn: receipt.drawsOn,
  note: receipt.note ?? '',
});

type Weights = number[] | string;

/** `50 30 20` over three rooms; equal where nothing was typed. A text is the fault. */
function weightsOf(split: string, rooms: number): Weights {
  if (rooms < 2 || split.trim() === '') return Array.from({ length: rooms }, () => 1);
  const parts = split
    .trim()
    .replace(/%/g, '')
    .split(/[\s,;/]+/)
    .map(Number);
  if (parts.length !== rooms || parts.some((part) => !Number.isInteger(part) || part < 1)) {
    return `Give ${rooms} whole percents, one for each room in turn, such as 50 30 20.`;
  }
  const sum = parts.reduce((all, part) => all + part, 0);
  return sum === HUNDRED ? parts : `These add up to ${sum}%, not to 100%.`;
}

/** The receipt as typed, or the fault that keeps it from adding up. */
export function receiptFrom(
  read: ReceiptRead,
  of: { id: string; photoId: string | null } & Pick<Project, 'places' | 'currency'>,
): Receipt | Fault<ReceiptTyped> {
  const lines: Receipt['lines'] = [];
  for (const [at, line] of read.lines.entries()) {
    if (!areThere(of, line.rooms)) return { field: `lines.${at}.rooms`, message: NO_SUCH_PLACE };
    const weights = weightsOf(line.split, line.rooms.length);
    if (typeof weights === 'string') return { field: `lines.${at}.split`, message: weights };
    if (line.sum === 0) {
      return { field: `lines.${at}.sum`, message: 'Give what it cost; a gift is no receipt.' };
    }
    lines.push({
      what: line.what,
      kind: line.kind,
      cents: line.sum,
      rooms: line.rooms.map((placeId, nth) => ({
        placeId: placeIdSchema.parse(placeId),
        weight: weights[nth] ?? 1,
      })),
      ...(line.covers.length > 0 ? { covers: line.covers } : {}),
    });
  }
  const receipt: Receipt = {
    id: of.id,
    on: read.on ?? ('2000-01-01' as Receipt['on']),
    shop: read.shop === '' ? null : read.shop,
    is: read.is,
    lines,
    taxCents: cents(read.tax ?? 0),
    drawsOn: read.drawsOn,
    photoId: of.photoId,
    note: read.note ?? null,
  };
  const total = Math.abs(receiptTotal(receipt));
  if (read.total !== null && read.total !== total) {
    return {
      field: 'total',
      message: `Lines and tax come to ${formatPaid(cents(total), of.currency)}, not to this. A line may be missing.`,
    };
  }
  return receipt;
}
