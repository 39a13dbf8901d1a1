using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Why a proof of dead ended, as the record keeps it.</summary>
/// <remarks>These words are part of the record itself: a file holds them, and what its history leads to must be what it holds. They stay as
/// they are; nothing reads or compares them.</remarks>
internal static class ProofEnds
{
    public const string PanelGone = "a panel was taken out of the record.";
    public const string SourceGone = "a source was taken out of the record.";
    public const string PutBack = "breakers or sources were put back as they were recorded before.";
    public const string VisitEnded = "the visit ended.";

    public static string HandedTo(string person) => $"the work was handed to {person}.";

    public static string BreakersChanged(Panel panel) => $"breakers of {panel.Name} were recorded as changed.";

    public static string SourceRecorded(Source source) => $"a source, {source.Name}, was recorded.";

    public static string Switched(string breaker, bool on) => $"breaker {breaker} was switched {(on ? "on" : "off")}.";

    public static string Thrown(Box box, Id<Device> device)
    {
        var name = box.Devices.Find(device) is { } found ? found.Name ?? DeviceKinds.Find(found.Kind)?.Name ?? found.Kind : "device";
        return $"the {name} of {box.Name} was thrown.";
    }
}
