namespace JollyBarn.Electrics;

/// <summary>What kind of thing of a job gives a part of the wiring.</summary>
internal enum OwnerKind
{
    Panel,
    Run,
    Box,
}

/// <summary>A panel, run or box, by its id.</summary>
internal readonly record struct Owner(OwnerKind Kind, string Id);
