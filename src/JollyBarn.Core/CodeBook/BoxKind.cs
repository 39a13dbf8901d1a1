using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

public enum BoxShape
{
    Device,
    Square,
    Round,
    Pan,
    Utility,
    Masonry,
    Weatherproof,
    Surface,
    Luminaire,
    OwnEnclosure,
    SpliceEnclosure,
    Other,
}

public enum BoxMaterial
{
    Unknown,
    Metal,
    Nonmetallic,
}

/// <summary>Whether a box sits in the wall with its face at the finish, on it, or may do either.</summary>
public enum Mounted
{
    Either,
    Flush,
    Surface,
}

/// <summary>How a box holds its cables.</summary>
public enum ClampStyle
{
    /// <summary>Knockouts or holes only: whatever holds the cable is put in from outside, or nothing does.</summary>
    Outside,
    Internal,

    /// <summary>A nonmetallic box's own moulded flap.</summary>
    Flap,
}

/// <summary>A kind of box one can buy or find, in generic words.</summary>
/// <param name="Id">Stable id, used in files.</param>
/// <param name="Volume">Table 314.16(A) volume or a usual mark, in³; null when only its own mark can tell.</param>
/// <param name="InTable">True when the size is listed in Table 314.16(A), so that an unmarked one takes the table's volume.</param>
/// <param name="ByCount">False for enclosures whose listing, not 314.16, says what may go in.</param>
/// <param name="Fan">Marked to hold a paddle fan, 314.27(C).</param>
/// <param name="PriceClass">1 cheapest to 5: a rank for choosing, not a price. <em>Practice</em>.</param>
public sealed record BoxKind(
    string Id,
    string Name,
    BoxShape Shape,
    BoxMaterial Material,
    int Gangs,
    Volume? Volume,
    bool InTable,
    Length? Height,
    Length? Width,
    Length? Depth,
    ClampStyle Clamps,
    int PriceClass,
    bool OldWork = false,
    bool ByCount = true,
    bool Fan = false
)
{
    /// <summary>How it stands in or on the wall.</summary>
    public Mounted Mounted =>
        Shape switch
        {
            BoxShape.Device or BoxShape.Round or BoxShape.Pan or BoxShape.Masonry => Mounted.Flush,
            BoxShape.Utility or BoxShape.Surface or BoxShape.Weatherproof => Mounted.Surface,
            _ => Mounted.Either,
        };

    /// <summary>Not filled by another box: it is part of what it serves, or closes round a splice.</summary>
    public bool Own => Shape is BoxShape.Luminaire or BoxShape.OwnEnclosure or BoxShape.SpliceEnclosure;
}
