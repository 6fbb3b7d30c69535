import {
  type CriterionId,
  type OwnSchool,
  type School,
  type SchoolChange,
  type SchoolField,
  NO_LIMIT,
  SCHOOL_IDS,
  SCHOOL_PARTS,
  changeProblems,
  changedAt,
  changedSchool,
  isOwnSchool,
  schoolOf,
  schoolFields,
  type SchoolId,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { download } from '../platform/download';
import { useSession } from '../platform/session-context';
import { usePracticeSettings } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Field } from '../ui/field';
import { Screen } from '../ui/screen';
import { Body, Heading, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { dayWords } from '../words/measure-words';
import { problemWords } from '../words/problem-words';
import { fieldName } from '../words/school-field-words';
import { schoolSentences } from '../words/rule-sentences';
import { SCHOOLS_PHRASES } from '../words/schools-phrases';
import { FieldRow } from './field-row';
import { fileOf, originalOf, savedAgain } from './own-schools';
import { useKeepSchool } from './use-keep-school';

/** One school, number by number: read where it comes with the product, edited where it is the practice's own. */
export function SchoolScreen({ schoolId }: { readonly schoolId: string }) {
  const { schools } = usePracticeSettings();
  const isId = schoolId.startsWith('own-') || SCHOOL_IDS.some((id) => id === schoolId);
  const school = isId ? schoolOf(schoolId as SchoolId, schools) : null;
  if (school === null)
    return (
      <Screen title={SCHOOLS_PHRASES.title} onBack={() => router.navigate('/schools')}>
        <EmptyState title={SCHOOLS_PHRASES.unknown} text={SCHOOLS_PHRASES.note} />
      </Screen>
    );
  const own = schools.find((s) => s.id === schoolId) ?? null;
  return own === null ? <ReadIt school={school} /> : <EditIt key={own.versions.length} own={own} base={originalOf(school, schools)} />;
}

function ReadIt({ school }: { readonly school: School }) {
  return (
    <Screen title={school.name} note={SCHOOLS_PHRASES.readOnly} onBack={() => router.navigate('/schools')}>
      <InPlainWords school={school} />
      <Fields
        fields={schoolFields(school).filter((f) => f.offered !== true && f.value !== NO_LIMIT)}
        base={school}
        changes={[]}
        onSet={null}
      />
    </Screen>
  );
}

function EditIt({ own, base }: { readonly own: OwnSchool; readonly base: School }) {
  const { session } = useSession();
  const keep = useKeepSchool();
  const toast = useToast();
  const last = own.versions.at(-1)!;
  const [name, setName] = useState(own.name);
  const [changes, setChanges] = useState<readonly SchoolChange[]>(last.changes);
  const problems = changeProblems(base, changes);
  const touched = name.trim() !== own.name || JSON.stringify(changes) !== JSON.stringify(last.changes);
  const save = async (): Promise<void> => {
    const next = savedAgain(own, name.trim(), changes, session.person.name);
    if (await keep(next)) toast({ text: SCHOOLS_PHRASES.saved(next.versions.at(-1)!.version) });
  };
  return (
    <Screen
      title={own.name}
      note={SCHOOLS_PHRASES.basedOn(base.name, own.basedOnVersion)}
      onBack={() => router.navigate('/schools')}
      bottom={
        <>
          <Button
            label={SCHOOLS_PHRASES.handOn}
            onPress={() => download(`${own.name}.school.json`, 'application/json', `${JSON.stringify(fileOf(own), null, 2)}\n`)}
          />
          <Button
            grow
            kind="main"
            label={SCHOOLS_PHRASES.save}
            off={!touched || problems.length > 0 || name.trim() === ''}
            onPress={() => void save()}
          />
        </>
      }
    >
      <Field label={SCHOOLS_PHRASES.name} value={name} onChange={setName} />
      {problems.map((p, i) => (
        <Banner key={i} tone="bad">
          {problemWords(p)}
        </Banner>
      ))}
      {problems.length > 0 ? null : <InPlainWords school={changedSchool(base, changes)} />}
      <Fields
        fields={schoolFields(base)}
        base={base}
        changes={changes}
        onSet={(path, value) => setChanges((now) => changedAt(now, base, path, value))}
      />
      <Earlier own={own} onTake={setChanges} />
    </Screen>
  );
}

const PLAIN = ['refuses', 'warns', 'shownOnly', 'noOpinion'] as const;

/** What it does, before the numbers: what refuses, what only warns, what the front follows. */
function InPlainWords({ school }: { readonly school: School }) {
  const said = schoolSentences(school);
  return (
    <YStack gap="$s" width="100%" maxWidth={760}>
      <Body>{said.front}</Body>
      {PLAIN.filter((id) => said[id].length > 0).map((id) => (
        <YStack key={id}>
          <Heading>{SCHOOLS_PHRASES.plain[id]}</Heading>
          {said[id].map((line) => (
            <Small key={line}>{line}</Small>
          ))}
        </YStack>
      ))}
    </YStack>
  );
}

interface FieldsProps {
  /** Of the original, in the order they are kept. */
  readonly fields: readonly SchoolField[];
  readonly base: School;
  readonly changes: readonly SchoolChange[];
  /** Null where it is only read. */
  readonly onSet: ((path: string, value: SchoolChange['value']) => void) | null;
}

function Fields({ fields, base, changes, onSet }: FieldsProps) {
  const [search, setSearch] = useState('');
  const [onlyChanged, setOnlyChanged] = useState(false);
  const wanted = search.trim().toLowerCase();
  const changed = new Map(changes.map((c) => [c.path, c.value]));
  const { rules } = changedSchool(base, changes);
  // of a rule it hasn't got only the limits are offered, until one is set
  const there = (f: SchoolField): boolean =>
    f.offered !== true || f.kind === 'limit' || rules[f.path.split('.')[1] as CriterionId] !== undefined;
  const shown = fields.filter(
    (f) =>
      there(f) &&
      (!onlyChanged || changed.has(f.path)) &&
      (wanted === '' || `${fieldName(f.path)} ${f.path}`.toLowerCase().includes(wanted)),
  );
  return (
    <YStack gap="$m" width="100%" maxWidth={760}>
      <Field hideLabel label={SCHOOLS_PHRASES.search} kind="search" value={search} onChange={setSearch} />
      {isOwnSchool(base.id) || onSet === null ? null : (
        <XStack>
          <Button
            kind="quiet"
            pressed={onlyChanged}
            label={onlyChanged ? SCHOOLS_PHRASES.everything : SCHOOLS_PHRASES.onlyChanged}
            onPress={() => setOnlyChanged(!onlyChanged)}
          />
        </XStack>
      )}
      {onlyChanged && shown.length === 0 ? <Body>{SCHOOLS_PHRASES.nothingDiffers}</Body> : null}
      {SCHOOL_PARTS.map((part) => {
        const own = shown.filter((f) => f.part === part);
        return own.length === 0 ? null : (
          <YStack key={part} gap="$xs">
            <Heading>{SCHOOLS_PHRASES.parts[part]}</Heading>
            {own.map((field) => (
              <FieldRow key={field.path} field={field} value={changed.get(field.path) ?? field.value} onSet={onSet} />
            ))}
          </YStack>
        );
      })}
      <Small>{SCHOOLS_PHRASES.source}</Small>
    </YStack>
  );
}

/** What it was before, to be begun from again; nothing is ever lost by saving. */
function Earlier({ own, onTake }: { readonly own: OwnSchool; readonly onTake: (changes: readonly SchoolChange[]) => void }) {
  const before = own.versions.slice(0, -1).reverse();
  if (before.length === 0) return null;
  return (
    <YStack gap="$xs">
      <Heading>{SCHOOLS_PHRASES.earlier}</Heading>
      {before.map((v) => (
        <XStack key={v.version} gap="$s" alignItems="center" flexWrap="wrap">
          <Body flex={1}>{SCHOOLS_PHRASES.earlierLine(v.version, dayWords(v.savedAt.slice(0, 10)), v.by, v.changes.length)}</Body>
          <Button kind="quiet" label={SCHOOLS_PHRASES.takeUp(v.version)} onPress={() => onTake(v.changes)} />
        </XStack>
      ))}
    </YStack>
  );
}
