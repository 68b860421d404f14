import type { ComponentType } from 'react';

type Code = () => Promise<{ Component: ComponentType }>;

const day: Code = async () => ({ Component: (await import('../rooms/day/DayRoom')).DayRoom });

/** The code of each place, run when it is first gone to: the one the page opens with must not wait for the others. */
const codeOf: Record<string, Code> = {
  '/now/:id?': async () => ({ Component: (await import('../rooms/now/NowRoom')).NowRoom }),
  '/treat': async () => ({ Component: (await import('../rooms/treat/TreatRoom')).TreatRoom }),
  '/route/:id?/:page?': async () => ({ Component: (await import('../rooms/route/RouteRoom')).RouteRoom }),
  '/day/:id?': day,
  '/day/plan/:route/:evening': day,
  '/winter/:route?/:evening?': async () => ({
    Component: (await import('../rooms/winter/WinterRoom')).WinterRoom,
  }),
  '/body/:id?/:page?': async () => ({ Component: (await import('../rooms/body/BodyRoom')).BodyRoom }),
  '/kit/:id?': async () => ({ Component: (await import('../rooms/kit/KitRoom')).KitRoom }),
  '/book/:id?': async () => ({ Component: (await import('../rooms/book/BookRoom')).BookRoom }),
  '/scarce/:page?': async () => ({ Component: (await import('../rooms/scarce/ScarceRoom')).ScarceRoom }),
  '/drills/:page?': async () => ({ Component: (await import('../rooms/drills/DrillsRoom')).DrillsRoom }),
  '/handover/:page?': async () => ({
    Component: (await import('../rooms/handover/HandoverRoom')).HandoverRoom,
  }),
  '/words': async () => ({ Component: (await import('../rooms/words/WordsRoom')).WordsRoom }),
  '/settings/:page?': async () => ({
    Component: (await import('../rooms/settings/SettingsRoom')).SettingsRoom,
  }),
  '/start': async () => ({ Component: (await import('../rooms/start/StartPage')).StartPage }),
  '/more': async () => ({ Component: (await import('./MorePage')).MorePage }),
  '/choose': async () => ({ Component: (await import('../rooms/choose/ChooseRoom')).ChooseRoom }),
  '/join': async () => ({ Component: (await import('../rooms/join/JoinRoom')).JoinRoom }),
};

/** Every place with its address. */
export const placeRoutes = Object.entries(codeOf).map(([path, lazy]) => ({ path, lazy }));

/** Fetches the code of the place at an address beside that of the frame around it. */
export function fetchPlace(pathname: string) {
  const first = pathname.split('/')[1];
  const path = Object.keys(codeOf).find((pattern) => pattern.split('/')[1] === first) ?? '/treat';
  // Where it can't be had, the place says so itself.
  void codeOf[path]().catch(() => undefined);
}
