using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>What takes current from a circuit.</summary>
/// <param name="Of">Its subject in a verdict.</param>
/// <param name="Answers">Where the answers about it are.</param>
/// <param name="Id">Its subject there.</param>
/// <param name="At">Box it is asked at; null for what is asked of the circuit itself.</param>
/// <param name="TakesWatts">Fact that says what it takes, W.</param>
/// <param name="RunsLong">Fact that says whether it runs three hours or more.</param>
public abstract record CircuitDraw(string Of, Look Answers, string Id, Id<Box>? At, FactKey<decimal> TakesWatts, FactKey<bool> RunsLong)
{
    /// <summary>The thing itself, for a verdict to name.</summary>
    public abstract Thing Thing { get; }

    /// <summary>True for what is fastened in place, lights apart; null when nobody said.</summary>
    public virtual bool? Fastened => true;

    /// <summary>Watts it takes; null when nobody said.</summary>
    public decimal? Watts => Answers.Read(TakesWatts, Id);

    public bool? Lasting => Answers.Read(RunsLong, Id);

    /// <summary>A fact about it, asked where it is asked.</summary>
    public FactAsked Asked(FactKey fact) => new(Id, fact, At);
}

/// <summary>An outlet of a circuit: a device of a box that takes current, or gives it to what is plugged in.</summary>
/// <param name="Device">Its device.</param>
public sealed record CircuitOutlet(BoxLook Box, Id<Device> Device, DeviceKind Kind)
    : CircuitDraw($"{Box.Id}/{Device}", Box, Device, Box.Id, DeviceFacts.Watts, DeviceFacts.Lasting)
{
    public override Thing Thing => Thing.Device(Device, Box.Id);

    public bool Receptacle => Kind.Receptacle;

    /// <summary>Luminaires, fans and alarms are fixed.</summary>
    public Hangs? How => Receptacle ? Box.Read(DeviceFacts.Hangs, Device) : Hangs.Fixed;

    public override bool? Fastened =>
        Kind.Hung == HungAs.Fan ? true
        : !Receptacle || Watts is 0 ? false
        : How is { } how ? how == Hangs.Fixed
        : null;
}

/// <summary>Something fixed that a cable of the circuit ends at.</summary>
public sealed record LoadAtEnd(BoxLook Box, string End)
    : CircuitDraw($"{Box.Id}/{End}", Box, End, Box.Id, CableFacts.FarWatts, CableFacts.FarLasting)
{
    public override Thing Thing => new(ThingKind.Load, End, Box.Id);
}

/// <summary>What the circuit feeds straight from the panel, with no box on the way.</summary>
public sealed record LoadAtPanel(CircuitLook Circuit)
    : CircuitDraw(Subjects.Circuit, Circuit, Subjects.Circuit, null, SupplyFacts.DirectWatts, SupplyFacts.DirectLasting)
{
    public override Thing Thing => new(ThingKind.Load, Subjects.Circuit);
}
