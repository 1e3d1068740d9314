import { ButtonLink, Screen } from '@/ui';

export default function NotFound() {
  return (
    <Screen title="No such page">
      <ButtonLink look="main" href="/" label="Back to the house" />
    </Screen>
  );
}
