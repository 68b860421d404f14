import { useTheme } from '@mui/material';

/** How words look in a drawn picture: the theme's ink and face, as large as the least text on the page. */
export function usePictureText() {
  const { palette, typography } = useTheme();
  return { fill: palette.text.primary, fontSize: 16, fontFamily: typography.fontFamily };
}
