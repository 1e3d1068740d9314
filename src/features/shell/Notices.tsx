import { View } from 'react-native';
import { noticed, selectSession, undoLast, useAppDispatch, useAppSelector } from '@/store';
import { Body, Button, ButtonLink } from '@/ui';

const BAR = 'flex-row flex-wrap items-center gap-2 border-t border-line px-4 py-1';

/** What was just kept with its undo, what could not be kept, and what could not be read. */
export function Notices() {
  const dispatch = useAppDispatch();
  const { undoable, notice, setAside } = useAppSelector(selectSession);
  return (
    <View className="print:hidden">
      {setAside.length > 0 ? (
        <View role="status" className={`${BAR} bg-straw-pale`}>
          <Body className="min-w-0 flex-1">
            {setAside.length === 1 ? 'One record' : `${setAside.length} records`} of this house
            could not be read and {setAside.length === 1 ? 'was' : 'were'} set aside. Everything
            else is here.
          </Body>
          <ButtonLink href="/share" label="Save it as a file" look="quiet" />
        </View>
      ) : null}
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
