import { View } from 'react-native';
import type { Laid } from '@/core/estimating/finishes';
import { SurfaceDrawing } from '@/features/kit/drawing';
import { selectProject, useAppSelector } from '@/store';
import { Button, Fact, Note, Section } from '@/ui';
import { cutRows, laidWords } from './words';

const ROWS = 24;

/** The drawing to scale, its facts, and the list of cuts; prints on one page. */
export function Shown({ laid, what, title }: { laid: Laid; what: string; title: string }) {
  const { units } = useAppSelector(selectProject);
  const rows = cutRows(laid, units);
  return (
    <View className="gap-4">
      <SurfaceDrawing
        surface={laid.surface}
        pieces={laid.pieces}
        spoken={`${title}, to scale: ${laidWords(laid, what, units)}`}
      />
      <Note>{`${laidWords(laid, what, units)}. Shaded pieces are cut; numbers are those of the list, and count row by row where they do not fit.`}</Note>
      <View className="flex-row print:hidden">
        <Button label="Print this page" onPress={() => window.print()} />
      </View>
      <Section title="Cut list" sum={`${laid.cuts} pieces`}>
        <View>
          {rows.slice(0, ROWS).map(({ size, names }) => (
            <Fact
              key={size}
              name={`${names.length} x`}
              figure={size}
              working={`pieces ${names.join(', ')}`}
            />
          ))}
        </View>
        {rows.length > ROWS ? <Note>{`and ${rows.length - ROWS} other sizes`}</Note> : null}
        {rows.length === 0 ? <Note>Nothing is cut.</Note> : null}
      </Section>
    </View>
  );
}
