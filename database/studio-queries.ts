import type { Database } from "./client";
import * as clients from "./queries/clients";
import * as cloths from "./queries/cloths";
import * as garments from "./queries/garments";
import * as practice from "./queries/practice";
import * as shelves from "./queries/shelves";
import * as startingPoints from "./queries/starting-points";

/** The one door to what is kept for a workroom: whoever holds it sees and changes that workroom's own and nothing else. */
export function studioQueries(database: Database, studioId: string) {
  const of =
    <Asked extends readonly unknown[], Answer>(
      query: (database: Database, studioId: string, ...asked: Asked) => Promise<Answer>,
    ) =>
    (...asked: Asked): Promise<Answer> =>
      query(database, studioId, ...asked);
  return {
    listClients: of(clients.listClients),
    searchClients: of(clients.searchClients),
    findClient: of(clients.findClient),
    addClient: of(clients.addClient),
    measurementHistory: of(clients.measurementHistory),
    addMeasurementSet: of(clients.addMeasurementSet),
    addMeasurementSets: of(clients.addMeasurementSets),
    listGarments: of(garments.listGarments),
    searchGarments: of(garments.searchGarments),
    findGarment: of(garments.findGarment),
    addGarment: of(garments.addGarment),
    saveVersion: of(garments.saveVersion),
    clothTable: of(cloths.clothTable),
    saveClothTable: of(cloths.saveClothTable),
    listAttempts: of(practice.listAttempts),
    addAttempt: of(practice.addAttempt),
    listStartingPoints: of(startingPoints.listStartingPoints),
    addStartingPoint: of(startingPoints.addStartingPoint),
    removeStartingPoint: of(startingPoints.removeStartingPoint),
    listShelves: of(shelves.listShelves),
    shelve: of(shelves.shelve),
  };
}

export type StudioQueries = ReturnType<typeof studioQueries>;

export { SHELF_ACTS, SHELVED } from "./queries/shelves";
