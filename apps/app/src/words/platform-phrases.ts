/** What the screens of this part say. */
export const PLATFORM_PHRASES = {
  thereIsNo:
    'There is no signal, and this was not opened on this device before. Nothing you entered is lost; try again where there is signal.',
} as const;
