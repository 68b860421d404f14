import { BottomNavigation, BottomNavigationAction, Paper } from '@mui/material';
import { Link } from 'react-router';
import { more, moreList, places, shortOfWater } from './rooms';

/** Under the thumb on a phone: the places of the walk, the list of the others, and the call when water is short. */
export function BottomBar({ here }: { here: string }) {
  const at = more.some(({ path }) => path === here) ? moreList.path : here;
  return (
    <Paper
      component="nav"
      aria-label="Places"
      variant="outlined"
      square
      sx={{ position: 'fixed', left: 0, right: 0, bottom: 0, zIndex: 5, borderColor: 'divider' }}
    >
      <BottomNavigation value={at} showLabels sx={{ height: 64 }}>
        {[...places, moreList, shortOfWater].map(({ path, name, Icon }) => (
          <BottomNavigationAction
            key={path}
            value={path}
            label={path === shortOfWater.path ? 'Short' : name}
            aria-label={name}
            icon={<Icon />}
            component={Link}
            to={path}
            sx={{ minWidth: 0, px: 0, ...(path === shortOfWater.path && { color: 'error.main' }) }}
            aria-current={path === at ? 'page' : undefined}
          />
        ))}
      </BottomNavigation>
    </Paper>
  );
}
