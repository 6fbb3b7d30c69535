import { render } from '@testing-library/react-native';
import { type ReactElement } from 'react';
import { TamaguiProvider } from 'tamagui';
import { config } from '../tamagui.config';

/** As it stands in the application, by day. */
const within = (element: ReactElement) => (
  <TamaguiProvider config={config} defaultTheme="light">
    {element}
  </TamaguiProvider>
);

export function rendered(element: ReactElement) {
  const view = render(within(element));
  return { ...view, again: (next: ReactElement) => view.rerender(within(next)) };
}
