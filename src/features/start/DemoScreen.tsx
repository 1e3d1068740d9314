import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { openDemo, useAppDispatch } from '@/store';
import { ButtonLink, Note } from '@/ui';

/** The address that opens the demo house straight away. */
export function DemoScreen() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    void dispatch(openDemo())
      .then((opened) => (opened.ok ? router.replace('/today') : setFailed(true)))
      .catch(() => setFailed(true));
  }, [dispatch, router]);
  return (
    <View className="flex-1 items-center justify-center gap-3 bg-ground p-6" role="main">
      <Note role="status">
        {failed ? 'The demo house could not be loaded.' : 'Opening the demo house…'}
      </Note>
      {failed ? <ButtonLink href="/welcome" label="Back" /> : null}
    </View>
  );
}
