using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Live;

/// <summary>A point of a box in words, with what is expected of it.</summary>
/// <param name="Volts">Against the earth, V RMS, to a tenth.</param>
public sealed record ToldPoint(string Point, string Name, double Volts, Expected Expected);

/// <summary>A breaker, switch or source that can be thrown as a what-if.</summary>
/// <param name="Circuit">The circuit of a breaker.</param>
public sealed record ToldThrow(string Key, string Name, bool On, Id<Circuit>? Circuit = null);

/// <summary>One thing that opened, and when.</summary>
/// <param name="Seconds">At the latest, from the start.</param>
/// <param name="Sure">Perhaps, when a magnet may or may not pull: then <paramref name="Seconds"/> is by heat.</param>
public sealed record ToldOpening(double Seconds, string Guard, string Says, Surely Sure);

/// <summary>What a plug-in tester says of an outlet, beside how it really is.</summary>
/// <param name="Says">What the tester's card says for these lamps.</param>
/// <param name="Really">How the slots are really joined.</param>
/// <param name="Differ">True when the tester's word would mislead.</param>
/// <param name="MetalLive">True when its yoke or box is live.</param>
public sealed record ToldOutlet(
    Id<Box> Box,
    Id<Device> Device,
    string Half,
    Lamps Lamps,
    string Says,
    string Really,
    bool Differ,
    bool MetalLive
);

/// <summary>What a person gets who touches a point.</summary>
/// <param name="Milliamperes">Through the body.</param>
/// <param name="Seconds">Until something opens; null when nothing does.</param>
/// <param name="MayOpen">True where nothing surely opens, and a ground-fault device may.</param>
/// <param name="Means">What so much for so long does.</param>
public sealed record ToldTouch(string Point, double Milliamperes, double? Seconds, bool MayOpen, string Means);

/// <summary>A fault one can plant here to see what it does.</summary>
public sealed record ToldOffer(string Name, Fault Fault);

/// <summary>What an instrument shows between two points.</summary>
/// <param name="Shows">As a person reads it.</param>
/// <param name="Volts">The same as volts, where it is volts.</param>
/// <param name="Trips">What the instrument itself makes open, if anything.</param>
/// <param name="Means">One sentence of what to make of it.</param>
public sealed record ToldShown(
    string Instrument,
    string From,
    string To,
    string Shows,
    double? Volts,
    IReadOnlyList<ToldOpening> Trips,
    string Means
);

/// <summary>A box as electricity, in words.</summary>
/// <param name="Strands">By the ids of leads and pigtails.</param>
/// <param name="Openings">What of the whole job opens by itself, in order of time; nothing opens when it is empty.</param>
/// <param name="MayOpen">What may open and need not.</param>
/// <param name="Metal">The metal of the box, when it has any.</param>
/// <param name="Assumed">What was taken for given.</param>
public sealed record ToldLive(
    IReadOnlyDictionary<string, ToldPoint> Strands,
    IReadOnlyDictionary<string, ToldPoint> Joints,
    ToldPoint? Metal,
    ToldTouch? Touch,
    IReadOnlyList<ToldOutlet> Outlets,
    IReadOnlyList<ToldOpening> Openings,
    IReadOnlyList<ToldOpening> MayOpen,
    IReadOnlyList<ToldPoint> Points,
    IReadOnlyList<ToldThrow> Sources,
    IReadOnlyList<ToldThrow> Breakers,
    IReadOnlyList<ToldThrow> Switches,
    IReadOnlyList<ToldOffer> Offers,
    IReadOnlyList<string> Assumed
);
