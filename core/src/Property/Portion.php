<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\HeatLevel;
use Transmuta\Formula\HeatMet;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** An ingredient in a layer with what is done to it there. */
final readonly class Portion
{
    /** g of acid per 100 g that makes a dish sharp. */
    public float $sharpAcid;

    /** Whether it is dry structure, as of a dough or crumb, whatever else is in the layer. */
    public bool $crumb;

    /** g per 100 g of the solids, sugars apart, that give dry structure; 0 for what gives none. The fat of a nut stands with it, that worked into a dough does not. */
    public float $dryStructure;

    /** Whether it brings a high-potency sweetener. */
    public bool $potent;

    /** What heat does to it, as one number: portions of an ingredient under the same heat set alike. */
    public int $heat;

    /**
     * @param bool $boiled brought to a boil, with the layer or in a sub-step of its own
     * @param bool $heated past 70 °C
     * @param bool $still heated undisturbed
     * @param bool $boiledInLayer boiled together with everything else in the layer
     * @param bool $apart boiled or heated in a sub-step of its own, before it meets the rest
     * @param bool $infused lifted out again: flavours, and adds nothing else
     * @param bool $fired baked to a crumb before it meets the rest, so that it soaks and sets nothing
     * @param ?HeatMet $met what heat it meets by the maker's own steps; null where they do not say
     */
    public function __construct(
        public Ingredient $ingredient,
        public bool $boiled,
        public bool $heated,
        public bool $still,
        public bool $boiledInLayer,
        public bool $whipped,
        public bool $infused,
        public bool $apart = false,
        public bool $fired = false,
        public ?HeatMet $met = null,
    ) {
        $this->sharpAcid = $ingredient->sharpAcid();
        $this->crumb = $ingredient->group === 'base' || $ingredient->isFlour() || $ingredient->is(Nature::CrumbMeal);
        $c = $ingredient->composition;
        $this->potent = $c->family('active.') > 0.0;
        $this->dryStructure = $ingredient->does('dry-structure') > 0.0 ? max(0.0, 100.0 - $c->of100('water') - $c->family('sugar.') - $c->family('polyol.') - $c->of100('allulose') - ($ingredient->does('dry-structure') > 1.5 ? $c->family('fat.') : 0.0)) : 0.0;
        $this->heat = ($boiled ? 1 : 0) | ($heated ? 2 : 0) | ($still ? 4 : 0) | ($boiledInLayer ? 8 : 0) | ($apart ? 16 : 0) | ($fired ? 32 : 0) | ($this->isNeverWarmed() ? 64 : 0) | (($met->sheared ?? false) ? 128 : 0);
    }

    /** Whether the maker's own steps never bring it to where gelatin and fat melt. */
    public function isNeverWarmed(): bool
    {
        return $this->met?->level === HeatLevel::Cold && !$this->heated;
    }
}
