import type { ReactNode } from 'react';
import { Text, type TextProps } from 'react-native';
import palette from './palette.json';

type Props = TextProps & { children: ReactNode; className?: string };

const COLOURED = new RegExp(
  String.raw`(?:^|\s)text-(?:${Object.keys(palette.day).join('|')})(?:\s|$)`,
);

/** Of two classes the later in the style sheet wins, not the later in the list: a colour asked for stands alone. */
const text = (classes: string, colour: string) =>
  function Words({ className = '', ...rest }: Props) {
    const own = COLOURED.test(className) ? '' : colour;
    return <Text className={`${classes} ${own} ${className}`} {...rest} />;
  };

const heading = (level: number, classes: string) =>
  function Heading({ className = '', ...rest }: Props) {
    return (
      <Text
        role="heading"
        aria-level={level}
        className={`font-slab text-ink ${classes} ${className}`}
        {...rest}
      />
    );
  };

export const PageTitle = heading(1, 'text-[26px] leading-[31px]');
export const Title = heading(2, 'text-[22px] leading-[27px]');
export const Heading = heading(2, 'text-[18px] leading-[23px]');
export const SubHeading = heading(3, 'text-[18px] leading-[23px]');

export const Body = text('font-sans text-body', 'text-ink');
export const Strong = text('font-strong text-body', 'text-ink');
export const Note = text('font-sans text-note', 'text-soft');
export const Small = text('font-sans text-small', 'text-soft');
