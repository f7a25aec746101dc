package hiltboard.core.forge;

import hiltboard.core.material.SteelLibrary;

/** What the fields of a work at the forge look at. */
public record StepForm(ForgeWork work, SteelLibrary steels) {}
