import { View } from 'react-native';
import { countWords } from '@/core/units';
import {
  noticed,
  openCurrent,
  selectSession,
  undoLast,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, ButtonLink } from '@/ui';

const BAR = 'flex-row flex-wrap items-center gap-2 border-t border-line px-4 py-1';

/** What was just kept with its undo, what could not be kept, and what could not be read. */
export function Notices() {
  const dispatch = useAppDispatch();
  const { undoable, notice, setAside, lost } = useAppSelector(selectSession);
  return (
    <View className="print:hidden">
      {setAside.length > 0 ? (
        <View role="status" className={`${BAR} bg-straw-pale`}>
          <Body className="min-w-0 flex-1">
            {`${countWords(setAside.length, 'record')} of this house could not be read and ${setAside.length === 1 ? 'was' : 'were'} set aside. Everything else is here.`}
          </Body>
          <ButtonLink href="/journal" label="See what they say" look="quiet" />
        </View>
      ) : null}
      {lost ? <LostBar lost={lost} /> : null}
      {notice ? (
        <View role="alert" className={`${BAR} bg-brick-pale`}>
          <Body className="min-w-0 flex-1">{notice}</Body>
          <Button label="Close" look="quiet" onPress={() => dispatch(noticed(null))} />
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

/** This tab may not write to its house any more: why, and the way on. */
function LostBar({ lost }: { lost: keyof typeof LOST_WORDS }) {
  const dispatch = useAppDispatch();
  return (
    <View role="alert" className={`${BAR} bg-brick-pale`}>
      <Body className="min-w-0 flex-1">{LOST_WORDS[lost]}</Body>
      {lost === 'replaced' ? (
        <Button
          label="Open the house as it is now"
          look="quiet"
          onPress={() => void dispatch(openCurrent())}
        />
      ) : lost === 'newer' ? (
        <Button label="Load the page anew" look="quiet" onPress={() => window.location.reload()} />
      ) : (
        <ButtonLink href="/welcome" label="Other houses" look="quiet" />
      )}
    </View>
  );
}
