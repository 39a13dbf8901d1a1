using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>What takes current from a circuit.</summary>
/// <param name="Of">Its subject in a verdict.</param>
/// <param name="Answers">Where the answers about it are.</param>
/// <param name="Id">Its subject there.</param>
/// <param name="At">Box it is asked at; null for what is asked of the circuit itself.</param>
/// <param name="Key">Fact that says what it takes; with <c>-long</c>, whether it runs three hours or more.</param>
public abstract record CircuitDraw(string Of, Look Answers, string Id, string? At, string Key)
{
    public abstract string Name { get; }

    /// <summary>True for what is fastened in place, lights apart; null when nobody said.</summary>
    public virtual bool? Fastened => true;

    /// <summary>Watts it takes; null when nobody said.</summary>
    public decimal? Watts => Answers.Number(Id, Key);

    public bool? Lasting => Answers.YesNo(Id, Key + "-long");

    public FactAsked AsksWatts => Asked(Key);

    public FactAsked AsksLasting => Asked(Key + "-long");

    /// <summary>A fact about it, asked where it is asked.</summary>
    public FactAsked Asked(string key) => new(Id, key, At);
}

/// <summary>An outlet of a circuit: a device of a box that takes current, or gives it to what is plugged in.</summary>
/// <param name="Device">Its device.</param>
public sealed record CircuitOutlet(BoxLook Box, string Device, DeviceKind Kind) : CircuitDraw($"{Box.Id}/{Device}", Box, Device, Box.Id, "load")
{
    public override string Name => $"{Box.DeviceName(Device)} of {Box.Box.Name}";

    public bool Receptacle => Kind.Family is DeviceFamily.Receptacle or DeviceFamily.ProtectiveReceptacle or DeviceFamily.Combination;

    /// <summary>cord or fixed; luminaires, fans and alarms are fixed.</summary>
    public string? How => Receptacle ? Box.Answer(Device, "load-how") : "fixed";

    public override bool? Fastened => Kind.Family == DeviceFamily.Fan ? true : !Receptacle || Watts is 0 ? false : How is { } how ? how == "fixed" : null;
}

/// <summary>Something fixed that a cable of the circuit ends at.</summary>
public sealed record LoadAtEnd(BoxLook Box, string End, string Says) : CircuitDraw($"{Box.Id}/{End}", Box, End, Box.Id, "far-load")
{
    public override string Name => $"{Says}, from {Box.Box.Name}";
}

/// <summary>What the circuit feeds straight from the panel, with no box on the way.</summary>
public sealed record LoadAtPanel(CircuitLook Circuit) : CircuitDraw(Subjects.Circuit, Circuit, Subjects.Circuit, null, "direct-load")
{
    public override string Name => "what is fed straight from the panel";
}
