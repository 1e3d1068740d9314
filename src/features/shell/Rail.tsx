import { Link, usePathname } from 'expo-router';
import { Pressable, Text, View } from 'react-native';
import { useWide } from '@/ui';
import { FURTHER, RAIL } from './places';

/** The peg rail: six places on pegs, the current one wears the tag. */
export function Rail() {
  const wide = useWide();
  return (
    <View role="navigation" aria-label="Places" className="print:hidden">
      {wide ? <SideRail /> : <FootRail />}
    </View>
  );
}

function useCurrent(href: string): boolean {
  const path = usePathname();
  return path === href || path.startsWith(`${href}/`);
}

function FootRail() {
  return (
    <View className="border-t-[6px] border-wood bg-paper">
      <View className="flex-row px-1 pb-2">
        {RAIL.map(({ href, label }) => (
          <View key={href} className="flex-1 items-center">
            <View className="h-3 w-2 rounded-b-board bg-peg" />
            <Tag href={href} label={label} className="w-full items-center px-0" />
          </View>
        ))}
      </View>
    </View>
  );
}

function SideRail() {
  return (
    <View className="h-full w-[112px] justify-start gap-1 border-r-[6px] border-wood bg-paper py-5">
      {RAIL.map(({ href, label }) => (
        <Tag key={href} href={href} label={label} className="items-end pr-3" />
      ))}
      <View className="h-6" />
      {FURTHER.map(({ href, label }) => (
        <Tag key={href} href={href} label={label} className="items-end pr-3" />
      ))}
    </View>
  );
}

function Tag({
  href,
  label,
  className,
}: {
  href: (typeof RAIL | typeof FURTHER)[number]['href'];
  label: string;
  className: string;
}) {
  const current = useCurrent(href);
  return (
    <Link href={href} asChild>
      <Pressable
        role="link"
        aria-current={current ? 'page' : undefined}
        className={`min-h-target justify-center rounded-board ${className} ${current ? 'bg-spruce' : ''}`}
      >
        <Text className={`font-strong text-small ${current ? 'text-on-spruce' : 'text-ink'}`}>
          {label}
        </Text>
      </Pressable>
    </Link>
  );
}
