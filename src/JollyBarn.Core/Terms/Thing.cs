namespace JollyBarn.Terms;

/// <summary>What kind of thing of a job a detail names.</summary>
public enum ThingKind
{
    /// <summary>A lead or a pigtail.</summary>
    Lead,

    /// <summary>One end of a cable, by its subject.</summary>
    Cable,
    Run,

    /// <summary>A run as the box spoken of sees it.</summary>
    RunHere,
    Joint,
    Device,
    Box,
    Circuit,
    Panel,
    Source,

    /// <summary>A breaker by its key.</summary>
    Breaker,

    /// <summary>A kind of connector from the catalogue.</summary>
    Connector,

    /// <summary>A kind of box from the catalogue.</summary>
    BoxKind,

    /// <summary>A kind of ring, cover or plate from the catalogue.</summary>
    PartKind,

    /// <summary>A landing place, by its device.</summary>
    Place,

    /// <summary>A terminal, by its device.</summary>
    Terminal,

    /// <summary>Something fixed that a cable ends at, by its box.</summary>
    Load,

    /// <summary>A slot a plug meets, by its device: <c>hot</c>, or <c>upperhot</c> of a half.</summary>
    Slot,

    /// <summary>The metal of the box spoken of.</summary>
    Metal,

    /// <summary>Its metal plate.</summary>
    Plate,

    /// <summary>The metal of something fixed, by the end of the cable there.</summary>
    FarMetal,

    /// <summary>The ground bar of a panel.</summary>
    IndependentGround,
    Earth,
}

/// <summary>A thing of a job, by its id. What it is called is told when a sentence is made.</summary>
/// <param name="In">Box, device or panel it is in; null for the box, circuit or panel that is judged.</param>
public readonly record struct Thing(ThingKind Kind, string Id, string? In = null)
{
    public static Thing Panel(string id) => new(ThingKind.Panel, id);

    public static Thing Breaker(string panel, string key) => new(ThingKind.Breaker, key, panel);

    public override string ToString() => In is null ? $"{Kind}:{Id}" : $"{Kind}:{In}/{Id}";
}
