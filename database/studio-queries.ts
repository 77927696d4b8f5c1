import type { Database } from "./client";
import * as clients from "./queries/clients";
import * as cloths from "./queries/cloths";
import * as garments from "./queries/garments";
import type { Role } from "./queries/people";
import * as practice from "./queries/practice";
import * as shelves from "./queries/shelves";
import * as startingPoints from "./queries/starting-points";

/** Somebody in a workroom, and as what. */
export type Asker = { readonly studioId: string; readonly userId: string; readonly role: Role };

/** What somebody asked for is not theirs to do. */
export class NotAllowed extends Error {}

/**
 * The one door to what is kept for a workroom: whoever holds it sees and changes that workroom's own and nothing else, and changes it only
 * where they may.
 */
export function studioQueries(database: Database, { studioId, userId, role }: Asker) {
  type Query<Asked extends readonly unknown[], Answer> = (
    database: Database,
    studioId: string,
    ...asked: Asked
  ) => Promise<Answer>;
  const reads =
    <Asked extends readonly unknown[], Answer>(query: Query<Asked, Answer>) =>
    (...asked: Asked): Promise<Answer> =>
      query(database, studioId, ...asked);
  const writes =
    <Asked extends readonly unknown[], Answer>(query: Query<Asked, Answer>) =>
    async (...asked: Asked): Promise<Answer> => {
      if (role === "reader")
        throw new NotAllowed("You may look here, and change nothing: ask an owner of the workroom.");
      return query(database, studioId, ...asked);
    };
  return {
    userId,
    role,
    listClients: reads(clients.listClients),
    searchClients: reads(clients.searchClients),
    findClient: reads(clients.findClient),
    addClient: writes(clients.addClient),
    measurementHistory: reads(clients.measurementHistory),
    addMeasurementSet: writes(clients.addMeasurementSet),
    addMeasurementSets: writes(clients.addMeasurementSets),
    listGarments: reads(garments.listGarments),
    searchGarments: reads(garments.searchGarments),
    findGarment: reads(garments.findGarment),
    addGarment: writes(garments.addGarment),
    saveVersion: writes(garments.saveVersion),
    clothTable: reads(cloths.clothTable),
    saveClothTable: writes(cloths.saveClothTable),
    listAttempts: reads(practice.listAttempts),
    addAttempt: reads(practice.addAttempt),
    listStartingPoints: reads(startingPoints.listStartingPoints),
    addStartingPoint: writes(startingPoints.addStartingPoint),
    removeStartingPoint: writes(startingPoints.removeStartingPoint),
    listShelves: reads(shelves.listShelves),
    shelve: writes(shelves.shelve),
  };
}

export type StudioQueries = ReturnType<typeof studioQueries>;

export { SHELF_ACTS, SHELVED } from "./queries/shelves";
