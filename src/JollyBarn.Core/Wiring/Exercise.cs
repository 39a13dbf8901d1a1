namespace JollyBarn.Wiring;

/// <summary>What a job is for that was made to learn by.</summary>
public enum ExerciseKind
{
    /// <summary>Mistakes are to be found in a box, and mended.</summary>
    Spot,

    /// <summary>A hidden fault is to be found by tests.</summary>
    Hunt,

    /// <summary>A box that lies apart is to be made up.</summary>
    Make,
}

/// <summary>A job made to learn by: nothing of it is real.</summary>
/// <param name="Box">The box it is about.</param>
/// <param name="Seed">With kind, level and edition it makes the same job again.</param>
/// <param name="About">Id of the rule it is to teach; null where it may be any.</param>
/// <param name="Shown">It was graded: what the rules say is shown from now on.</param>
public sealed record Exercise(ExerciseKind Kind, int Seed, int Level, Id<Box> Box, string? About = null, bool Shown = false);
