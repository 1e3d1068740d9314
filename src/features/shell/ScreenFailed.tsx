import { View } from 'react-native';
import { Button, ButtonLink, Note, PageTitle } from '@/ui';

/** How the bundle's loader and the browsers say that a file did not come. */
const NOT_LOADED = /load|fetch|import|network/i;

/** In place of a screen that fails, or whose file does not come: rail and strip go on, and so does what is kept. */
export function ScreenFailed({ error }: { error: Error }) {
  const isMissing = NOT_LOADED.test(error.message);
  return (
    <View role="alert" className="flex-1 justify-center gap-4 bg-ground p-6">
      <PageTitle>{isMissing ? 'This screen could not be loaded' : 'This screen failed'}</PageTitle>
      <Note>
        {isMissing
          ? 'Its file did not come: there is no connection, or a newer Fresh Porch took its place. What you kept is on this device.'
          : `What you kept is on this device and nothing of it has changed. The reason: ${error.message}.`}
      </Note>
      <Button
        look="main"
        className="self-start"
        label="Load the page anew"
        onPress={() => window.location.reload()}
      />
      <ButtonLink className="self-start" href="/today" label="Back to Today" />
    </View>
  );
}
