import type { ComponentType } from 'react';

type Room = { Component: ComponentType };

/**
 * The rooms nobody needs for a first answer, each fetched when it is first gone into: the first answer does not wait for them. They are
 * fetched in quiet moments soon after it, so that going into one waits for nothing.
 */
export const laterRooms = {
  body: async (): Promise<Room> => ({ Component: (await import('../rooms/body/BodyRoom')).BodyRoom }),
  book: async (): Promise<Room> => ({ Component: (await import('../rooms/book/BookRoom')).BookRoom }),
  choose: async (): Promise<Room> => ({ Component: (await import('../rooms/choose/ChooseRoom')).ChooseRoom }),
  day: async (): Promise<Room> => ({ Component: (await import('../rooms/day/DayRoom')).DayRoom }),
  drills: async (): Promise<Room> => ({ Component: (await import('../rooms/drills/DrillsRoom')).DrillsRoom }),
  handover: async (): Promise<Room> => ({
    Component: (await import('../rooms/handover/HandoverRoom')).HandoverRoom,
  }),
  join: async (): Promise<Room> => ({ Component: (await import('../rooms/join/JoinRoom')).JoinRoom }),
  kit: async (): Promise<Room> => ({ Component: (await import('../rooms/kit/KitRoom')).KitRoom }),
  route: async (): Promise<Room> => ({ Component: (await import('../rooms/route/RouteRoom')).RouteRoom }),
  scarce: async (): Promise<Room> => ({ Component: (await import('../rooms/scarce/ScarceRoom')).ScarceRoom }),
  settings: async (): Promise<Room> => ({
    Component: (await import('../rooms/settings/SettingsRoom')).SettingsRoom,
  }),
  start: async (): Promise<Room> => ({ Component: (await import('../rooms/start/StartPage')).StartPage }),
  winter: async (): Promise<Room> => ({ Component: (await import('../rooms/winter/WinterRoom')).WinterRoom }),
  words: async (): Promise<Room> => ({ Component: (await import('../rooms/words/WordsRoom')).WordsRoom }),
};
