import { usePathname } from 'expo-router';
import { View } from 'react-native';
import { countWords } from '@/core/units';
import {
  noticed,
  reopen,
  selectDevice,
  selectSession,
  toldOf,
  undoLast,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, ButtonLink } from '@/ui';

const BAR = 'flex-row flex-wrap items-center gap-2 border-t border-line px-4 py-1';

/** What was just kept with its undo, what could not be kept, and what could not be read. */
export function Notices() {
  const dispatch = useAppDispatch();
  const path = usePathname();
  const { undoable, notice, told, setAside, lost } = useAppSelector(selectSession);
  const { toSettle } = useAppSelector(selectDevice);
  return (
    <View className="print:hidden">
      {setAside.length > 0 && path !== '/journal' ? (
        <View role="status" className={`${BAR} bg-straw-pale`}>
          <Body className="min-w-0 flex-1">
            {`${countWords(setAside.length, 'record')} could not be read.`}
          </Body>
          <ButtonLink href="/journal" label="See what they say" look="quiet" />
        </View>
      ) : null}
      {toSettle && path !== '/share' ? (
        <View role="status" className={`${BAR} bg-straw-pale`}>
          <Body className="min-w-0 flex-1">Both phones spoke of some things.</Body>
          <ButtonLink href="/share" label="Settle them" look="quiet" />
        </View>
      ) : null}
      {lost ? <LostBar lost={lost} said={notice} /> : null}
      {notice && !lost ? (
        <View role="alert" className={`${BAR} bg-brick-pale`}>
          <Body className="min-w-0 flex-1">{notice}</Body>
          <Button label="Close" look="quiet" onPress={() => dispatch(noticed(null))} />
        </View>
      ) : null}
      {told ? (
        <View role="status" className={`${BAR} bg-porch`}>
          <Body className="min-w-0 flex-1">{told}</Body>
          <Button label="Close" look="quiet" onPress={() => dispatch(toldOf(null))} />
        </View>
      ) : null}
      {undoable ? (
        <View role="status" className={`${BAR} bg-porch`}>
          <Body className="min-w-0 flex-1">{undoable.what}</Body>
          <Button
            label="Undo"
            hint={`Undo: ${undoable.what}`}
            look="quiet"
            onPress={() => void dispatch(undoLast())}
          />
        </View>
      ) : null}
    </View>
  );
}

const LOST_WORDS = {
  replaced: 'This house was replaced in another tab. What stands here is how it was before.',
  removed: 'This house was taken off the device in another tab. What you typed is still here.',
  newer: 'A newer Fresh Porch has written to this house: this page reads it, but writes no more.',
};

/** This tab may not write to its house any more: why, or what was not kept for it, and the way on. */
function LostBar({ lost, said }: { lost: keyof typeof LOST_WORDS; said: string | null }) {
  const dispatch = useAppDispatch();
  return (
    <View role="alert" className="border-t border-line bg-brick-pale px-4 py-2">
      <Body>{said ?? LOST_WORDS[lost]}</Body>
      {lost === 'replaced' ? (
        <Button
          label="Open the house as it is now"
          look="quiet"
          className="self-start"
          onPress={() => {
            dispatch(noticed(null));
            void dispatch(reopen());
          }}
        />
      ) : lost === 'newer' ? (
        <Button
          label="Load the page anew"
          look="quiet"
          className="self-start"
          onPress={() => window.location.reload()}
        />
      ) : (
        <ButtonLink href="/welcome" label="Other houses" look="quiet" />
      )}
    </View>
  );
}
