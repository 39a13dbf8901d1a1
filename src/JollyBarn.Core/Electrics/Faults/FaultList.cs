using System.Text.Json.Serialization.Metadata;

namespace JollyBarn.Electrics.Faults;

/// <summary>Every kind of fault by its name in requests. A new kind is a line here.</summary>
public static class FaultList
{
    private static readonly JsonDerivedType[] Kinds =
    [
        new(typeof(OpenLink), "open"),
        new(typeof(PoorLink), "poor"),
        new(typeof(Exchanged), "exchanged"),
        new(typeof(Bridged), "bridged"),
        new(typeof(Unbonded), "unbonded"),
        new(typeof(Stuck), "stuck"),
        new(typeof(NoTrip), "noTrip"),
        new(typeof(Nail), "nail"),
        new(typeof(Tripped), "tripped"),
        new(typeof(Whole), "whole"),
        new(typeof(Moved), "moved"),
        new(typeof(ComesAndGoes), "comesAndGoes"),
        new(typeof(InTheWet), "inTheWet"),
        new(typeof(OfWhatIsPlugged), "ofWhatIsPlugged"),
        new(typeof(SeriesArc), "seriesArc"),
        new(typeof(ParallelArc), "parallelArc"),
        new(typeof(Several), "several"),
    ];

    /// <summary>Tells kinds of faults apart by <c>fault</c>: for <see cref="JsonTypeInfoResolver.WithAddedModifier"/>.</summary>
    public static void Named(JsonTypeInfo info)
    {
        if (info.Type != typeof(Fault))
        {
            return;
        }

        info.PolymorphismOptions = new() { TypeDiscriminatorPropertyName = "fault" };
        foreach (var kind in Kinds)
        {
            info.PolymorphismOptions.DerivedTypes.Add(kind);
        }
    }
}
