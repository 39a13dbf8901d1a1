using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;

namespace JollyBarn.Telling.Walls;

/// <summary>A plate over the hole.</summary>
/// <param name="Says">How much of the wall it covers, or that it does not hide the hole.</param>
public sealed record ToldPlate(PlateSize Size, Length Width, Length Height, bool Covers, string Says);

/// <summary>A hole as it is marked, in lengths one reads off a tape.</summary>
/// <param name="Across">What to measure from the edge, inside and outside.</param>
/// <param name="Up">What to measure from the floor.</param>
/// <param name="Off">How far the mark may be off.</param>
/// <param name="Before">What is done before the saw.</param>
public sealed record ToldHole(
    Marked Marked,
    string Kind,
    IReadOnlyList<string> Across,
    IReadOnlyList<string> Up,
    string Off,
    IReadOnlyList<ToldPlate> Plates,
    IReadOnlyList<string> Before
)
{
    /// <summary>Before any cut: common practice.</summary>
    private static readonly string[] BeforeTheSaw =
    [
        "Switch off and prove dead what is known in this wall, on both faces.",
        "Look on the other face, above and below: pipes, ducts, the backs of boxes.",
        "Find the studs beside the mark. Drill a feeler hole in the middle, with a depth stop, and turn a bent wire in it.",
        "Old paint and boards: ask about lead and asbestos before you cut. Outdoors, call before digging.",
    ];

    public static ToldHole Tell(MarkAsk ask, Marked marked)
    {
        ArgumentNullException.ThrowIfNull(ask);
        ArgumentNullException.ThrowIfNull(marked);
        return new(
            marked,
            ask.Kind.Name,
            [
                $"Inside: {marked.Near} and {marked.Far} from the edge to the sides of the hole.",
                $"Outside: {marked.Outside} from the edge to its middle.",
            ],
            [
                $"Bottom {marked.Bottom}, top {marked.Top} above the finished floor.",
                .. ask.ToCome > Length.Zero
                    ? new[] { $"Over the floor as it is now: bottom {marked.BottomNow}, for {ask.ToCome} are still to come." }
                    : [],
            ],
            $"Off by at most {marked.OffAcross} across (two tapes) and {marked.OffUp} up or down (a tape and a level).",
            [.. marked.Plates.Select(Plate)],
            BeforeTheSaw
        );
    }

    private static ToldPlate Plate(PlateOver plate) =>
        new(
            plate.Size,
            plate.Width,
            plate.Height,
            plate.Covers,
            $"{Name(plate.Size)}, {plate.Width.Nominal} × {plate.Height.Nominal}: "
                + (plate.Covers ? $"covers {plate.Aside} left and right, {plate.Above} above and below." : "does not hide the hole.")
        );

    internal static string Name(PlateSize size) =>
        size switch
        {
            PlateSize.Standard => "Standard plate",
            PlateSize.Middle => "Middle plate",
            _ => "Large plate",
        };
}
