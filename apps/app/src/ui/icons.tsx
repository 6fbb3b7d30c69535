import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import Minus from 'lucide-react-native/icons/minus';
import Plus from 'lucide-react-native/icons/plus';

const SIGNS = { back: ChevronLeft, plus: Plus, minus: Minus } as const;

/** The signs the interface needs; each from a file of its own, so that no others travel with it. */
export function Icon({ name, color, size }: { readonly name: keyof typeof SIGNS; readonly color: string; readonly size: number }) {
  const Sign = SIGNS[name];
  return <Sign size={size} color={color} strokeWidth={2.6} aria-hidden />;
}
