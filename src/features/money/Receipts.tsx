import { useState } from 'react';
import { View } from 'react-native';
import { kindTitle, type Receipt, receiptLines, receiptTotal } from '@/core/house';
import { countWords, formatDate, formatPaid, type Cents } from '@/core/units';
import { PictureOf } from '@/features/kit/photo';
import {
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Empty, Folded, Note, Section, Slip } from '@/ui';
import { OwnKinds } from './OwnKinds';
import { ReceiptForm } from './ReceiptForm';

const IS = { purchase: '', deposit: 'deposit', refund: 'money back' } as const;

/** Receipts with their lines; a sum said in the log stands in the Journal. */
export function Receipts() {
  const project = useAppSelector(selectProject);
  const [open, setOpen] = useState<Receipt | 'new' | null>(null);
  const receipts = Object.values(project.receipts).toSorted((a, b) => b.on.localeCompare(a.on));
  const close = () => setOpen(null);
  return (
    <View className="gap-5">
      {open === 'new' ? (
        <ReceiptForm receipt={null} onDone={close} />
      ) : (
        <Button
          look="main"
          className="self-start"
          label="Add a receipt"
          onPress={() => setOpen('new')}
        />
      )}
      {receipts.length === 0 ? (
        <Empty
          title="Receipts will stand here, newest first"
          note="A quick sum goes faster by the strip: “$18.40 screws back bedroom”. Here is the place for lines, tax, deposits and a photo."
        />
      ) : (
        <Section title="Receipts" sum={String(receipts.length)}>
          <Folded
            more={`Show all ${receipts.length}`}
            rows={receipts.map((receipt) =>
              open !== 'new' && open?.id === receipt.id ? (
                <ReceiptForm key={receipt.id} receipt={receipt} onDone={close} />
              ) : (
                <ReceiptSlip key={receipt.id} receipt={receipt} onChange={() => setOpen(receipt)} />
              ),
            )}
          />
        </Section>
      )}
      <OwnKinds />
    </View>
  );
}

function ReceiptSlip({ receipt, onChange }: { receipt: Receipt; onChange: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const money = (cents: Cents) => formatPaid(cents, project.currency);
  const sums = receiptLines(receipt);
  const title = receipt.shop ?? receipt.lines[0]?.what ?? 'A receipt';
  return (
    <Slip
      title={title}
      note={[
        IS[receipt.is],
        formatDate(receipt.on, today),
        countWords(receipt.lines.length, 'line'),
      ]
        .filter(Boolean)
        .join(' · ')}
      figure={money(receiptTotal(receipt))}
      figureNote={receipt.taxCents > 0 ? `${money(receipt.taxCents)} of it tax` : undefined}
    >
      {receipt.lines.map((line, at) => (
        <Note key={at}>
          {`${line.what}, ${kindTitle(project.ownKinds, line.kind)}, ${line.rooms.map(({ placeId }) => placeNameIn(project, placeId)).join(' and ') || 'whole house'}: ${money(sums[at] ?? (0 as Cents))}`}
        </Note>
      ))}
      {receipt.note ? <Note>{receipt.note}</Note> : null}
      {receipt.photoId ? <PictureOf id={receipt.photoId} about={`Receipt: ${title}`} /> : null}
      <View className="flex-row flex-wrap gap-3">
        <Button look="quiet" label="Put right" hint={`Put right: ${title}`} onPress={onChange} />
        <Button
          look="quiet"
          label="Take it back"
          hint={`Take back: ${title}`}
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'receiptTakenBack', payload: { receiptId: receipt.id } }],
                `Took back the receipt: ${title}.`,
              ),
            )
          }
        />
      </View>
    </Slip>
  );
}
