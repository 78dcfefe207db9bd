import { before } from './before';
import { board } from './board';
import { box } from './box';
import { breakerLabel } from './breakerLabel';
import { catalogue } from './catalogue';
import { choose } from './choose';
import { codes } from './codes';
import { compare } from './compare';
import { door } from './door';
import { doorLook } from './doorLook';
import { doorbell } from './doorbell';
import { drawing } from './drawing';
import { fault } from './fault';
import { figures } from './figures';
import { floodlight } from './floodlight';
import { form } from './form';
import { frame } from './frame';
import { house } from './house';
import { isolate } from './isolate';
import { job } from './job';
import { leave } from './leave';
import { look } from './look';
import { measure } from './measure';
import { meter } from './meter';
import { mount } from './mount';
import { photo } from './photo';
import { plan } from './plan';
import { plugFloodlight } from './plugFloodlight';
import { points } from './points';
import { papers } from './papers';
import { policy } from './policy';
import { prove } from './prove';
import { settings } from './settings';
import { sheet } from './sheet';
import { verdict } from './verdict';
import { wire } from './wire';
import { yard } from './yard';

/** What the screens say, room by room: for whoever reads all of it. */
export const screens = {
  before,
  board,
  box,
  breakerLabel,
  catalogue,
  choose,
  codes,
  compare,
  door,
  doorLook,
  doorbell,
  drawing,
  fault,
  figures,
  floodlight,
  form,
  frame,
  house,
  isolate,
  job,
  leave,
  look,
  measure,
  meter,
  mount,
  photo,
  plan,
  plugFloodlight,
  points,
  papers,
  policy,
  prove,
  settings,
  sheet,
  verdict,
  wire,
  yard,
};

export type Screens = typeof screens;
