using JollyBarn.Terms;

namespace JollyBarn.Electrics;

/// <summary>A fault planted in a copy of a job. It changes the plan the way the fault changes the wiring; no instrument reads its
/// name.</summary>
/// <remarks>A new kind is a record in <c>Faults</c> and a line in its <c>FaultList</c>.</remarks>
public abstract record Fault
{
    public abstract void Plant(LinkPlan plan);

    /// <summary>What of it cannot be, or null. A link or point that is not there is no error: it changes nothing.</summary>
    public virtual Refusal? Check() => null;

    /// <summary>Resistance of a contact or leak, Ω.</summary>
    protected static Refusal? BadOhms(double ohms) => ohms is >= 1e-4 and <= 1e9 ? null : new(Why.FaultOhms, "ohms");
}
