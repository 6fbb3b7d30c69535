import { type OwnSchool, type School, MOST_OWN_SCHOOLS, SCHOOLS, schoolById, schoolOf } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { usePracticeSettings } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { FileButton } from '../ui/file-button';
import { Screen } from '../ui/screen';
import { Body, Heading, Name, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { problemWords } from '../words/problem-words';
import { schoolWords } from '../words/school-words';
import { SCHOOLS_PHRASES } from '../words/schools-phrases';
import { copyOf, schoolFromFile } from './own-schools';
import { useKeepSchool } from './use-keep-school';

/** Every school there is: those that come with the product, and the practice's own. */
export function SchoolsScreen() {
  const { schools } = usePracticeSettings();
  return (
    <Screen title={SCHOOLS_PHRASES.title} note={SCHOOLS_PHRASES.note} onBack={() => router.navigate('/practice')}>
      <Columns>
        <Own schools={schools} />
        <YStack gap="$s">
          <Heading>{SCHOOLS_PHRASES.builtIn}</Heading>
          {SCHOOLS.map((school) => (
            <Entry key={school.id} school={school} own={null} />
          ))}
        </YStack>
      </Columns>
    </Screen>
  );
}

function Own({ schools }: { readonly schools: readonly OwnSchool[] }) {
  const { session } = useSession();
  const keep = useKeepSchool();
  const toast = useToast();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const takeIn = async (file: File): Promise<void> => {
    const read = schoolFromFile(await file.text(), session.person.name);
    if (!read.ok) return setRefused(read.notASchool ? [SCHOOLS_PHRASES.notASchool] : read.problems.map(problemWords));
    setRefused([]);
    if (await keep(read.school)) toast({ text: SCHOOLS_PHRASES.takenIn(read.school.name) });
  };
  return (
    <YStack gap="$s">
      <Heading>{SCHOOLS_PHRASES.own}</Heading>
      {schools.length === 0 ? <Body>{SCHOOLS_PHRASES.noneYet}</Body> : null}
      {schools.map((own) => (
        <OwnEntry key={own.id} own={own} />
      ))}
      {schools.length >= MOST_OWN_SCHOOLS ? (
        <Small>{SCHOOLS_PHRASES.tooMany(MOST_OWN_SCHOOLS)}</Small>
      ) : (
        <XStack>
          <FileButton label={SCHOOLS_PHRASES.takeAFile} onFile={(file) => void takeIn(file)} />
        </XStack>
      )}
      {refused.map((line) => (
        <Banner key={line} tone="bad">
          {line}
        </Banner>
      ))}
    </YStack>
  );
}

/** One that can't be read any more is still named. */
function OwnEntry({ own }: { readonly own: OwnSchool }) {
  const school = schoolOf(own.id, [own]);
  return school === null ? <Body color="$bad">{SCHOOLS_PHRASES.unreadable(own.name)}</Body> : <Entry school={school} own={own} />;
}

function Entry({ school, own }: { readonly school: School; readonly own: OwnSchool | null }) {
  const { session } = useSession();
  const { fingerMm, schools } = usePracticeSettings();
  const keep = useKeepSchool();
  const toast = useToast();
  const changed = own?.versions.at(-1)!.changes.length ?? 0;
  const copy = async (): Promise<void> => {
    const made = copyOf(school, own, SCHOOLS_PHRASES.copyName(school.name), session.person.name);
    if (!(await keep(made))) return;
    toast({ text: SCHOOLS_PHRASES.made(made.name) });
    router.push(`/schools/${made.id}`);
  };
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$xs">
      <Name>{school.name}</Name>
      <Body>{schoolWords(school, fingerMm)}</Body>
      <Small>
        {SCHOOLS_PHRASES.version(school.version, changed)}
        {own === null ? '' : `; ${SCHOOLS_PHRASES.basedOn(schoolById(own.basedOn).name, own.basedOnVersion)}`}
      </Small>
      <XStack gap="$s" flexWrap="wrap">
        <Button kind="quiet" label={SCHOOLS_PHRASES.open(school.name)} onPress={() => router.push(`/schools/${school.id}`)} />
        <Button
          kind="quiet"
          off={schools.length >= MOST_OWN_SCHOOLS}
          label={SCHOOLS_PHRASES.copy(school.name)}
          onPress={() => void copy()}
        />
      </XStack>
    </YStack>
  );
}
