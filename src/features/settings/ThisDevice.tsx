import { useEffect } from 'react';
import { View } from 'react-native';
import {
  askToLast,
  measureRoom,
  selectDevice,
  useAppDispatch,
  useAppSelector,
  type OfflineState,
} from '@/store';
import { Button, Fact, Note, Section } from '@/ui';

const OFFLINE: Record<OfflineState, { figure: string; working: string }> = {
  stored: {
    figure: 'stored',
    working: 'every screen, the demo and the sums open without a connection',
  },
  storing: { figure: 'being stored', working: 'stay on this page a moment' },
  failed: {
    figure: 'not stored',
    working: 'the files did not come; it is tried at the next visit',
  },
  'not-secure': {
    figure: 'not possible here',
    working:
      'this page came over plain http: browsers keep no such page, and give it no sharing and no shared locks. The README says how a phone gets it over https',
  },
  'not-possible': {
    figure: 'not possible here',
    working: 'this browser, or this private window, keeps no pages',
  },
};

const MEGABYTE = 1_048_576;

/** What this browser keeps, whether it lasts, and whether the app opens without a line. */
export function ThisDevice() {
  const dispatch = useAppDispatch();
  const { offline, space, lasts } = useAppSelector(selectDevice);
  useEffect(() => {
    void dispatch(measureRoom());
  }, [dispatch]);
  const used = space ? `${(space.used / MEGABYTE).toFixed(1)} MB` : 'not known';
  return (
    <Section title="This device">
      <View>
        <Fact name="For offline use" {...OFFLINE[offline]} />
        <Fact
          name="Space used"
          figure={used}
          working={
            space
              ? `houses, photos and the app itself, of about ${Math.round(space.of / MEGABYTE).toLocaleString('en-US')} MB`
              : 'this browser does not say'
          }
        />
        <Fact
          name="It stays"
          figure={lasts === null ? 'not known' : lasts ? 'promised' : 'not promised'}
          working={
            lasts
              ? 'the browser clears it only when you do'
              : 'the browser may clear it when the device runs full, and a private window when it closes: export now and then'
          }
        />
      </View>
      {lasts === false ? (
        <Button
          className="self-start"
          label="Ask the browser to keep it"
          onPress={() => void dispatch(askToLast())}
        />
      ) : null}
      <Note>Nothing leaves this device unless you export or share it.</Note>
    </Section>
  );
}
