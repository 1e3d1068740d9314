import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import type { Frame } from './frame';

/** A drawing on its paper: measured, drawn to scale, and said in words to those who do not see it. */
export function Paper({
  spoken,
  frame,
  children,
}: {
  spoken: string;
  frame: (width: number) => Frame;
  children: (frame: Frame) => ReactNode;
}) {
  const [width, setWidth] = useState(0);
  const fitted = width > 0 ? frame(width) : null;
  return (
    <View
      role="img"
      aria-label={spoken}
      className="rounded-board border border-line bg-paper"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {fitted ? (
        <Svg width={fitted.width} height={fitted.height} aria-hidden>
          {children(fitted)}
        </Svg>
      ) : null}
    </View>
  );
}
