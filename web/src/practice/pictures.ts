import {
  Anchor,
  Bell,
  Bird,
  Feather,
  Fish,
  KeyRound,
  Leaf,
  Moon,
  Sailboat,
  Shell,
  Star,
  Sun,
  type LucideIcon,
} from 'lucide-react';

/** The pictures of which a child has three as its sign, in the order in which they are numbered. */
export const pictures: readonly { name: string; icon: LucideIcon }[] = [
  { name: 'anchor', icon: Anchor },
  { name: 'bell', icon: Bell },
  { name: 'bird', icon: Bird },
  { name: 'feather', icon: Feather },
  { name: 'fish', icon: Fish },
  { name: 'key', icon: KeyRound },
  { name: 'leaf', icon: Leaf },
  { name: 'moon', icon: Moon },
  { name: 'boat', icon: Sailboat },
  { name: 'shell', icon: Shell },
  { name: 'star', icon: Star },
  { name: 'sun', icon: Sun },
];
