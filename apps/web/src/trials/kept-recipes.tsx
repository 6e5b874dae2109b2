import { type FoundMix, madeOf, type OwnRecipe } from '@potter/core/mix';
import type { Paint } from '@potter/core/paint';
import { View } from 'react-native';
import type { KeptList } from '@/data/kept-list';
import { Button } from '@/ui/button';
import { Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { FoundRecipe } from './found-recipe';

/** Recipes that were kept by name, with the paints as they are now. */
export function KeptRecipes({
  own,
  paints,
  g,
  onTake,
}: {
  readonly own: KeptList<OwnRecipe>;
  readonly paints: readonly Paint[];
  readonly g: number;
  readonly onTake: ((found: FoundMix, name: string) => void) | undefined;
}) {
  return (
    <View role="list" aria-label="Recipes you kept" className="border-t border-ink">
      {own.forgotten ? (
        <UndoBar says={`${own.forgotten.name} is forgotten.`} onUndo={own.remember} />
      ) : null}
      {own.kept.map((recipe) => {
        const made = madeOf(recipe.hex, recipe.paints, paints);
        const forget = () => own.forget(recipe);
        return made ? (
          <FoundRecipe
            key={recipe.name}
            name={recipe.name}
            mix={made}
            wanted={recipe.hex}
            paints={paints}
            g={g}
            onTake={onTake && (() => onTake(made, recipe.name))}
            onForget={forget}
          />
        ) : (
          <View role="listitem" key={recipe.name} className="gap-1 border-b border-rule py-2">
            <Strong>{recipe.name}</Strong>
            <Small>A paint of it is no longer on the shelf.</Small>
            <Button
              className="self-end"
              label="Forget it"
              name={`Forget ${recipe.name}`}
              onPress={forget}
            />
          </View>
        );
      })}
    </View>
  );
}
