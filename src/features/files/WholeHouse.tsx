import { useRef, useState } from 'react';
import { View } from 'react-native';
import { exportHouse, exportZip, useAppDispatch } from '@/store';
import { Body, Button, Note } from '@/ui';
import { canShare, download, shareFile } from './files';

type As = 'zip' | 'json' | 'share';

const FAILED =
  'The file could not be written: this device has no room left, or a photo cannot be read. Nothing here has changed.';

const zipFile = (name: string, parts: BlobPart[] = []) =>
  new File(parts, name, { type: 'application/zip' });

/** The whole house as a file: the zip with its photos, one JSON text, or handed to the browser's sheet. */
export function WholeHouse({ stem }: { stem: string }) {
  const dispatch = useAppDispatch();
  const [written, setWritten] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  const [ready, setReady] = useState<File | null>(null);
  const writing = useRef<AbortController | null>(null);
  const share = async (file: File) => setReady((await shareFile(file)) ? null : file);
  const write = async (as: As) => {
    const controller = new AbortController();
    writing.current = controller;
    setFailed(false);
    setReady(null);
    setWritten(0);
    const how = { onProgress: setWritten, signal: controller.signal };
    try {
      const blob = await dispatch(as === 'json' ? exportHouse(how) : exportZip(how));
      if (as === 'share') await share(zipFile(`${stem}.zip`, [blob]));
      else download(`${stem}.${as}`, blob);
    } catch {
      setFailed(!controller.signal.aborted);
    } finally {
      setWritten(null);
    }
  };
  const isBusy = written !== null;
  return (
    <View className="gap-2">
      <Note>
        One file holds everything: rooms, works, every evening, photos. Opened on the other phone it
        brings in what is new.
      </Note>
      <View className="flex-row flex-wrap gap-2">
        <Button
          look="main"
          label="Export the whole house"
          disabled={isBusy}
          onPress={() => void write('zip')}
        />
        {canShare(zipFile(`${stem}.zip`)) ? (
          <Button
            label="Send to the other phone"
            disabled={isBusy}
            onPress={() => void write('share')}
          />
        ) : null}
        <Button label="as one JSON file" disabled={isBusy} onPress={() => void write('json')} />
      </View>
      {isBusy ? (
        <View role="status" className="flex-row items-center gap-3">
          <Note>{`Writing the file: ${Math.round(written * 100)}%`}</Note>
          <Button look="quiet" label="Stop writing" onPress={() => writing.current?.abort()} />
        </View>
      ) : null}
      {ready ? (
        <View role="status" className="flex-row flex-wrap items-center gap-3">
          <Note>The file is ready.</Note>
          <Button
            look="main"
            label="Send it now"
            onPress={() => void share(ready).catch(() => setFailed(true))}
          />
        </View>
      ) : null}
      {failed ? (
        <Body role="alert" className="text-brick">
          {FAILED}
        </Body>
      ) : null}
    </View>
  );
}
