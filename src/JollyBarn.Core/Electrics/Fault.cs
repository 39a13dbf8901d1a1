using System.Text.Json.Serialization;
using JollyBarn.Electrics.Faults;

namespace JollyBarn.Electrics;

/// <summary>A fault planted in a copy of a job. It changes the plan the way the fault changes the wiring; no instrument reads its name.</summary>
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
public abstract record Fault
{
    public abstract void Plant(Plan plan);

    /// <summary>What it is, in a few words.</summary>
    [JsonIgnore]
    public abstract string Says { get; }
}
