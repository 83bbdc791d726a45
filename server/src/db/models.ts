import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { GivenRole } from '@distaff/core/library';
import type { KindName, Question } from '@distaff/core/question';
import type { Show } from '@distaff/core/show';
import type { SharedKind } from './shared.ts';

export class AccountRow extends Model<InferAttributes<AccountRow>, InferCreationAttributes<AccountRow>> {
  declare id: string;
  /** Null for a guest. */
  declare email: string | null;
  declare name: string;
  declare passwordHash: string;
  /** The set or the show that a guest may write in, by its id; null for a host. */
  declare guestOf: CreationOptional<string | null>;
  declare guestWhat: CreationOptional<SharedKind | null>;
  declare createdAt: CreationOptional<Date>;
}

export class LoginRow extends Model<InferAttributes<LoginRow>, InferCreationAttributes<LoginRow>> {
  declare tokenHash: string;
  declare accountId: string;
  declare expiresAt: Date;
  /** What the browser said of itself. */
  declare agent: CreationOptional<string>;
  declare openedAt: CreationOptional<Date>;
  declare seenAt: CreationOptional<Date>;
}

export class ShowRow extends Model<InferAttributes<ShowRow>, InferCreationAttributes<ShowRow>> {
  declare id: string;
  declare accountId: string;
  declare title: string;
  declare version: number;
  declare doc: Show;
  declare deletedAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export class SetRow extends Model<InferAttributes<SetRow>, InferCreationAttributes<SetRow>> {
  declare id: string;
  declare accountId: string;
  declare title: string;
  declare description: string;
  declare folder: string;
  declare credit: string;
  declare mayCopy: CreationOptional<boolean>;
  declare version: number;
  declare archivedAt: CreationOptional<Date | null>;
  declare deletedAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export class MemberRow extends Model<InferAttributes<MemberRow>, InferCreationAttributes<MemberRow>> {
  declare what: SharedKind;
  declare id: string;
  declare accountId: string;
  declare role: GivenRole;
  declare since: Date;
}

export class LinkRow extends Model<InferAttributes<LinkRow>, InferCreationAttributes<LinkRow>> {
  declare what: SharedKind;
  declare id: string;
  declare kind: 'read' | 'edit';
  declare token: string;
  declare passphraseHash: string | null;
  declare since: Date;
}

export class QuestionRow extends Model<InferAttributes<QuestionRow>, InferCreationAttributes<QuestionRow>> {
  declare id: string;
  declare setId: string;
  declare accountId: string;
  declare position: number;
  declare kind: KindName;
  declare language: string;
  declare difficulty: string | null;
  declare unfinished: boolean;
  declare remarks: CreationOptional<number>;
  declare checkAgainBy: string | null;
  /** The beginning of the prompt as plain text. */
  declare prompt: string;
  declare searchText: string;
  declare doc: Question;
  declare version: number;
  declare deletedAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
}

export class QuestionVersionRow extends Model<
  InferAttributes<QuestionVersionRow>,
  InferCreationAttributes<QuestionVersionRow>
> {
  declare questionId: string;
  declare version: number;
  declare accountId: string;
  declare at: Date;
  declare doc: Question;
}

export class MediaRow extends Model<InferAttributes<MediaRow>, InferCreationAttributes<MediaRow>> {
  declare id: string;
  declare accountId: string;
  declare kind: 'picture' | 'sound' | 'video';
  declare type: string;
  declare name: string;
  declare bytes: number;
  declare width: number;
  declare height: number;
  declare alt: string;
  declare credit: string;
  declare licence: string;
  declare sha256: CreationOptional<string | null>;
  declare cutOf: CreationOptional<string | null>;
  declare hiddenAt: CreationOptional<Date | null>;
  declare createdAt: CreationOptional<Date>;
}

export class SittingRow extends Model<InferAttributes<SittingRow>, InferCreationAttributes<SittingRow>> {
  declare id: string;
  declare accountId: string;
  declare showId: string | null;
  declare title: string;
  declare code: string;
  /** The code again while the sitting is open, unique; null once it is closed. */
  declare openCode: string | null;
  declare stageKey: string;
  declare deskKey: CreationOptional<string | null>;
  declare openedAt: Date;
  declare closedAt: CreationOptional<Date | null>;
  /** Actual over estimated time, where enough was played to tell. */
  declare pace: CreationOptional<number | null>;
  /** Tried alone, with stand-ins: no part of what was really played. */
  declare rehearsal: CreationOptional<boolean>;
  /** When a running clock was last seen by a living server, in milliseconds since 1970. */
  declare aliveAt: CreationOptional<number | null>;
  /** When its host deleted it; it can be had again for a while. */
  declare deletedAt: CreationOptional<Date | null>;
  /** Since when nobody in it can be found. */
  declare anonymousSince: CreationOptional<Date | null>;
  /** Whether players no longer come back to their own answers. */
  declare answersClosed: CreationOptional<boolean>;
  /** When everything that was done in it was taken out. */
  declare clearedAt: CreationOptional<Date | null>;
}

const id = { type: DataTypes.STRING(40), primaryKey: true } as const;
/** Made anew each time: Sequelize writes the column's name into it. */
const ref = () => ({ type: DataTypes.STRING(40), allowNull: false });

/** Ties the row classes to a database. Tables themselves are made by the migrations. */
export function defineModels(sequelize: Sequelize): void {
  AccountRow.init(
    {
      id,
      email: { type: DataTypes.STRING(254), allowNull: true },
      name: { type: DataTypes.STRING(80), allowNull: false },
      passwordHash: { type: DataTypes.STRING(200), allowNull: false },
      guestOf: DataTypes.STRING(40),
      guestWhat: DataTypes.STRING(10),
      createdAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'account', updatedAt: false },
  );
  LoginRow.init(
    {
      tokenHash: { type: DataTypes.STRING(64), primaryKey: true },
      accountId: ref(),
      expiresAt: { type: DataTypes.DATE(3), allowNull: false },
      agent: DataTypes.STRING(200),
      openedAt: DataTypes.DATE(3),
      seenAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'login_session', timestamps: false },
  );
  ShowRow.init(
    {
      id,
      accountId: ref(),
      title: { type: DataTypes.STRING(120), allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      doc: { type: DataTypes.JSON, allowNull: false },
      deletedAt: DataTypes.DATE(3),
      createdAt: DataTypes.DATE(3),
      updatedAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'show_doc' },
  );
  SetRow.init(
    {
      id,
      accountId: ref(),
      title: { type: DataTypes.STRING(120), allowNull: false },
      description: { type: DataTypes.STRING(1000), allowNull: false },
      folder: { type: DataTypes.STRING(80), allowNull: false },
      credit: { type: DataTypes.STRING(300), allowNull: false },
      mayCopy: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
      version: { type: DataTypes.INTEGER, allowNull: false },
      archivedAt: DataTypes.DATE(3),
      deletedAt: DataTypes.DATE(3),
      createdAt: DataTypes.DATE(3),
      updatedAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'question_set' },
  );
  MemberRow.init(
    {
      what: { type: DataTypes.STRING(10), primaryKey: true },
      id,
      accountId: { type: DataTypes.STRING(40), primaryKey: true },
      role: { type: DataTypes.STRING(10), allowNull: false },
      since: { type: DataTypes.DATE(3), allowNull: false },
    },
    { sequelize, tableName: 'shared_member', timestamps: false },
  );
  LinkRow.init(
    {
      what: { type: DataTypes.STRING(10), primaryKey: true },
      id,
      kind: { type: DataTypes.STRING(10), primaryKey: true },
      token: { type: DataTypes.STRING(40), allowNull: false },
      passphraseHash: DataTypes.STRING(200),
      since: { type: DataTypes.DATE(3), allowNull: false },
    },
    { sequelize, tableName: 'shared_link', timestamps: false },
  );
  QuestionRow.init(
    {
      id,
      setId: ref(),
      accountId: ref(),
      position: { type: DataTypes.INTEGER, allowNull: false },
      kind: { type: DataTypes.STRING(20), allowNull: false },
      language: { type: DataTypes.STRING(35), allowNull: false },
      difficulty: { type: DataTypes.STRING(10), allowNull: true },
      unfinished: { type: DataTypes.BOOLEAN, allowNull: false },
      remarks: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      checkAgainBy: { type: DataTypes.DATEONLY, allowNull: true },
      prompt: { type: DataTypes.STRING(200), allowNull: false },
      searchText: { type: DataTypes.TEXT, allowNull: false },
      doc: { type: DataTypes.JSON, allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      deletedAt: DataTypes.DATE(3),
      createdAt: DataTypes.DATE(3),
      updatedAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'question' },
  );
  QuestionVersionRow.init(
    {
      questionId: { type: DataTypes.STRING(40), primaryKey: true },
      version: { type: DataTypes.INTEGER, primaryKey: true },
      accountId: ref(),
      at: { type: DataTypes.DATE(3), allowNull: false },
      doc: { type: DataTypes.JSON, allowNull: false },
    },
    { sequelize, tableName: 'question_version', timestamps: false },
  );
  MediaRow.init(
    {
      id,
      accountId: ref(),
      kind: { type: DataTypes.STRING(10), allowNull: false },
      type: { type: DataTypes.STRING(60), allowNull: false },
      name: { type: DataTypes.STRING(200), allowNull: false },
      bytes: { type: DataTypes.BIGINT, allowNull: false },
      width: { type: DataTypes.INTEGER, allowNull: false },
      height: { type: DataTypes.INTEGER, allowNull: false },
      alt: { type: DataTypes.STRING(300), allowNull: false },
      credit: { type: DataTypes.STRING(200), allowNull: false },
      licence: { type: DataTypes.STRING(60), allowNull: false },
      sha256: DataTypes.STRING(64),
      cutOf: DataTypes.STRING(40),
      hiddenAt: DataTypes.DATE(3),
      createdAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'media', updatedAt: false },
  );
  SittingRow.init(
    {
      id,
      accountId: ref(),
      showId: { type: DataTypes.STRING(40), allowNull: true },
      title: { type: DataTypes.STRING(120), allowNull: false },
      code: { type: DataTypes.STRING(5), allowNull: false },
      openCode: { type: DataTypes.STRING(5), allowNull: true },
      stageKey: { type: DataTypes.STRING(40), allowNull: false },
      deskKey: DataTypes.STRING(40),
      openedAt: { type: DataTypes.DATE(3), allowNull: false },
      closedAt: DataTypes.DATE(3),
      pace: DataTypes.DOUBLE,
      rehearsal: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      aliveAt: DataTypes.BIGINT,
      deletedAt: DataTypes.DATE(3),
      anonymousSince: DataTypes.DATE(3),
      answersClosed: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      clearedAt: DataTypes.DATE(3),
    },
    { sequelize, tableName: 'sitting', timestamps: false },
  );
}
