using System.Text.Json.Serialization;
using JollyBarn.Electrics.Faults;
using JollyBarn.Measures;

namespace JollyBarn.Electrics;

/// <summary>A fault planted in a copy of a job. It changes the plan the way the fault changes the wiring; no instrument reads its
/// name.</summary>
/// <remarks>A new kind is a file and a line below.</remarks>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "fault")]
[JsonDerivedType(typeof(OpenLink), "open")]
[JsonDerivedType(typeof(PoorLink), "poor")]
[JsonDerivedType(typeof(Exchanged), "exchanged")]
[JsonDerivedType(typeof(Bridged), "bridged")]
[JsonDerivedType(typeof(Unbonded), "unbonded")]
[JsonDerivedType(typeof(Stuck), "stuck")]
[JsonDerivedType(typeof(NoTrip), "noTrip")]
[JsonDerivedType(typeof(Nail), "nail")]
[JsonDerivedType(typeof(Tripped), "tripped")]
[JsonDerivedType(typeof(Whole), "whole")]
[JsonDerivedType(typeof(Moved), "moved")]
[JsonDerivedType(typeof(ComesAndGoes), "comesAndGoes")]
[JsonDerivedType(typeof(SeriesArc), "seriesArc")]
[JsonDerivedType(typeof(ParallelArc), "parallelArc")]
[JsonDerivedType(typeof(Several), "several")]
public abstract record Fault
{
    public abstract void Plant(Plan plan);

    /// <summary>What of it cannot be, or null. A link or point that is not there is no error: it changes nothing.</summary>
    public virtual Refusal? Check() => null;

    /// <summary>Resistance of a contact or leak, Ω.</summary>
    protected static Refusal? BadOhms(double ohms) =>
        ohms is >= 1e-4 and <= 1e9 ? null : new("A fault's resistance is between a tenth of a milliohm and a gigaohm.", "ohms");
}
