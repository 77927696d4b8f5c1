import type { Database } from "./client";
import * as clients from "./queries/clients";
import * as cloths from "./queries/cloths";
import * as fittings from "./queries/fittings";
import * as lists from "./queries/garment-lists";
import * as garments from "./queries/garments";
import * as passwords from "./queries/passwords";
import type { Role } from "./queries/people";
import * as people from "./queries/people";
import * as plans from "./queries/plans";
import * as practice from "./queries/practice";
import * as restore from "./queries/restore";
import * as links from "./queries/shared-links";
import * as shelves from "./queries/shelves";
import * as startingPoints from "./queries/starting-points";
import * as studios from "./queries/studios";
import * as versions from "./queries/versions";

/** Somebody in a workroom, and as what. */
export type Asker = { readonly studioId: string; readonly userId: string; readonly role: Role };

/** What somebody asked for is not theirs to do. */
export class NotAllowed extends Error {}

type Unsigned<Written> = Omit<Written, "authorId">;

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
  const owns =
    <Asked extends readonly unknown[], Answer>(query: Query<Asked, Answer>) =>
    async (...asked: Asked): Promise<Answer> => {
      if (role !== "owner") throw new NotAllowed("Only an owner of the workroom may do that.");
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
    listGarments: reads(lists.listGarments),
    listGarmentsOf: reads(lists.listGarmentsOf),
    countShelves: reads(lists.countShelves),
    searchGarments: reads(lists.searchGarments),
    findGarment: reads(garments.findGarment),
    addGarment: writes((database, studio, kept: Unsigned<Parameters<typeof garments.addGarment>[2]>) =>
      garments.addGarment(database, studio, { ...kept, authorId: userId }),
    ),
    planGarment: writes(plans.planGarment),
    stepsMade: reads(plans.stepsMade),
    tickStep: writes(plans.tickStep),
    async saveVersion<Told = never>(
      garmentId: string,
      kept: Unsigned<Parameters<typeof garments.saveVersion>[3]>,
      together?: garments.Together<Told>,
    ) {
      const save = writes((database, studio) =>
        garments.saveVersion(database, studio, garmentId, { ...kept, authorId: userId }, together),
      );
      return save();
    },
    listVersions: reads(versions.listVersions),
    findVersions: reads(versions.findVersions),
    listFittings: reads(fittings.listFittings),
    findFitting: reads(fittings.findFitting),
    lockFitting: writes(fittings.lockFitting),
    addFitting: writes(
      (database, studio, garmentId: string, written: Unsigned<Parameters<typeof fittings.addFitting>[3]>) =>
        fittings.addFitting(database, studio, garmentId, { ...written, authorId: userId }),
    ),
    changeFitting: writes(fittings.changeFitting),
    addPhotograph: writes(fittings.addPhotograph),
    findPhotograph: reads(fittings.findPhotograph),
    removePhotograph: writes(fittings.removePhotograph),
    helpedBefore: reads(fittings.helpedBefore),
    listSharedLinks: reads(links.listSharedLinks),
    addSharedLink: writes((database, studio, link: Unsigned<Parameters<typeof links.addSharedLink>[2]>) =>
      links.addSharedLink(database, studio, { ...link, authorId: userId }),
    ),
    revokeSharedLink: writes(links.revokeSharedLink),
    clothTable: reads(cloths.clothTable),
    saveClothTable: writes(cloths.saveClothTable),
    listOwnCloths: reads(cloths.listOwnCloths),
    saveOwnCloth: writes(cloths.saveOwnCloth),
    retireOwnCloth: writes(cloths.retireOwnCloth),
    listMembers: reads(people.listMembers),
    listInvitations: owns(people.listInvitations),
    memberToHelp: owns((database, studio, memberId: string) =>
      passwords.memberToHelp(database, studio, userId, memberId),
    ),
    isEmpty: reads(restore.isEmpty),
    changeSettings: writes(studios.changeSettings),
    renameStudio: owns(studios.renameStudio),
    endStudio: owns(studios.endStudio),
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
