/** The bar at the top of every staff page: where one can go, who one is. One line at every width. */
import { Box, chakra } from '@chakra-ui/react';
import type { StaffMe } from '@kivex/contract';
import { Keyboard, LogOut, Menu as MenuIcon, MonitorCog, Search } from 'lucide-react';
import { NavLink, useLocation, useNavigate } from 'react-router';
import { Button } from '../Button.js';
import { IconButton } from '../IconButton.js';
import { Menu } from '../Menu.js';
import { barPlaces, roleNames } from './bar-places.js';
import { nextTheme, useTheme } from './theme-choice.js';

const NavItem = chakra(NavLink, {
  base: {
    px: { base: '2', xl: '3' },
    py: '2',
    borderRadius: 'tile',
    color: 'bar.ink',
    fontWeight: '600',
    textDecoration: 'none',
    whiteSpace: 'nowrap',
    // Where one is stays as it is: the pointer lies on it still when one has just come.
    '&:hover:not([aria-current=page])': { bg: 'bar.lift' },
    _focusVisible: { outline: '3px solid', outlineColor: 'bar.focus' },
    '&[aria-current=page]': { bg: 'bar.here', color: 'bar.hereInk' },
  },
});

const themeNames = { daylight: 'Daylight', projector: 'Projector', prep: 'Prep room' } as const;

interface BarProps {
  readonly me: StaffMe;
  readonly find: () => void;
  readonly help: () => void;
  readonly signOut: () => void;
}

export function Bar({ me, find, help, signOut }: BarProps) {
  const { theme } = useTheme();
  const { pathname } = useLocation();
  const go = useNavigate();
  const places = barPlaces(me.role);
  const who = `${me.name}, ${roleNames[me.role]}, ${me.school}`;
  const wide = { base: 'none', lg: 'flex' } as const;
  const here = places.find((p) => pathname.startsWith(p.to));
  return (
    <chakra.header
      data-noprint
      bg="bar"
      color="bar.ink"
      display="flex"
      alignItems="center"
      gap="1"
      px={{ base: '2', md: '4' }}
      py="1.5"
    >
      <chakra.span display="inline-flex" alignItems="center" gap="2" fontWeight="700" fontSize="lg" mr="2">
        <img src="/kivex.svg" width={26} height={26} alt="" /> Kivex
      </chakra.span>
      <chakra.nav aria-label="Kivex" display={wide} gap="0.5">
        {places.map(({ to, name }) => (
          <NavItem key={to} to={to}>
            {name}
          </NavItem>
        ))}
      </chakra.nav>
      <chakra.div
        flex="1"
        minW="0"
        fontSize="sm"
        color="bar.soft"
        truncate
        textAlign={{ base: 'start', lg: 'end' }}
        title={who}
      >
        <chakra.span hideBelow="lg">{who}</chakra.span>
        <chakra.span hideFrom="lg">{here?.name ?? ''}</chakra.span>
      </chakra.div>
      <IconButton variant="bar" label="Go to …" tip="Go to … (Ctrl+K)" onClick={find}>
        <Search size={18} aria-hidden />
      </IconButton>
      <Box display={wide}>
        <IconButton variant="bar" label={`Theme: ${themeNames[theme]}. Change it`} onClick={nextTheme}>
          <MonitorCog size={18} aria-hidden />
        </IconButton>
        <IconButton variant="bar" label="Keyboard shortcuts" tip="Keyboard shortcuts (?)" onClick={help}>
          <Keyboard size={18} aria-hidden />
        </IconButton>
        <IconButton variant="bar" label="Sign out" onClick={signOut}>
          <LogOut size={18} aria-hidden />
        </IconButton>
      </Box>
      <Box hideFrom="lg">
        <Menu
          entries={[
            ...places.map(({ to, name }) => ({ id: to, label: name, group: 'Go to' })),
            { id: 'theme', label: `Theme: ${themeNames[theme]}`, group: me.name },
            { id: 'help', label: 'Keyboard shortcuts', group: me.name },
            { id: 'out', label: 'Sign out', group: me.name },
          ]}
          choose={(id) =>
            id === 'theme' ? nextTheme() : id === 'help' ? help() : id === 'out' ? signOut() : void go(id)
          }
        >
          <Button variant="bar" size="icon" aria-label="Menu">
            <MenuIcon size={22} aria-hidden />
          </Button>
        </Menu>
      </Box>
    </chakra.header>
  );
}
