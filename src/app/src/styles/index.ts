export { useTheme, type ThemeChoice } from './useTheme'
