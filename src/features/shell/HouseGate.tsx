import { Redirect } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { openCurrent, readClock, selectSession, useAppDispatch, useAppSelector } from '@/store';
import { Button, ButtonLink, Note, PageTitle } from '@/ui';

const MINUTE_MS = 60_000;

/** Lets its screens through once a house is open; tells what is wrong when it cannot be. */
export function HouseGate({ children }: { children: ReactNode }) {
  const dispatch = useAppDispatch();
  const { status, failure, project } = useAppSelector(selectSession);
  useEffect(() => {
    const timer = setInterval(() => dispatch(readClock()), MINUTE_MS);
    return () => clearInterval(timer);
  }, [dispatch]);
  if (status === 'no-house') return <Redirect href="/welcome" />;
  if (status === 'failed') {
    return (
      <View className="flex-1 justify-center gap-4 bg-ground p-6" role="alert">
        <PageTitle>This house could not be opened</PageTitle>
        <Note>{`What is stored on this device stays as it is. The reason: ${failure ?? 'unknown'}.`}</Note>
        <Button look="main" label="Try again" onPress={() => void dispatch(openCurrent())} />
        <ButtonLink label="Start or open another house" href="/welcome" />
      </View>
    );
  }
  if (status === 'opening' || !project) {
    return (
      <View className="flex-1 items-center justify-center bg-ground" role="status">
        <Note>Opening the house…</Note>
      </View>
    );
  }
  return <>{children}</>;
}
