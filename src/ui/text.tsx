import type { ReactNode } from 'react';
import { Text, type TextProps } from 'react-native';

type Props = TextProps & { children: ReactNode; className?: string };

const text = (classes: string) =>
  function Words({ className = '', ...rest }: Props) {
    return <Text className={`${classes} ${className}`} {...rest} />;
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

export const Body = text('font-sans text-body text-ink');
export const Strong = text('font-strong text-body text-ink');
export const Note = text('font-sans text-note text-soft');
export const Small = text('font-sans text-small text-soft');
