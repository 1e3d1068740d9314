import { useState, type ReactNode } from 'react';
import { Button } from './button';

/** The first rows of a long list; the others at a tap, which says how many they are. */
export function Folded({
  rows,
  first = 8,
  more,
}: {
  rows: readonly ReactNode[];
  first?: number;
  /** The words of the button, such as "Show all 170 payments". */
  more: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      {open ? rows : rows.slice(0, first)}
      {!open && rows.length > first ? (
        <Button className="self-start" label={more} onPress={() => setOpen(true)} />
      ) : null}
    </>
  );
}
