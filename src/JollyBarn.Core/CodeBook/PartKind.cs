using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

public enum PartRole
{
    Ring,
    Extension,
    RaisedCover,
    FlatCover,
    Plate,
}

/// <summary>Something that goes on a box: a ring, an extension, a cover.</summary>
/// <param name="Fits">Shape of box it goes on.</param>
/// <param name="Size">Nominal size that must match, such as <c>4</c> or <c>4 11/16</c>.</param>
/// <param name="Opens">Device gangs it opens to: 0 for a round or blank opening; null leaves the box's own opening.</param>
/// <param name="Volume">What it adds, in³, when made from a listed size, or a usual mark; null when only a mark can tell; zero when
/// flat.</param>
/// <param name="InTable">True when made from a size of Table 314.16(A), so that it adds that volume without a mark.</param>
public sealed record PartKind(
    string Id,
    string Name,
    PartRole Role,
    BoxShape Fits,
    string Size,
    int? Opens,
    Volume? Volume,
    bool InTable,
    Length? Depth,
    int PriceClass
);
