using System.Text.Json.Serialization;

namespace JollyBarn.Measures;

/// <summary>A volume known only within bounds, in³. <see cref="High"/> is null when nothing bounds it from above.</summary>
public readonly record struct VolumeSpan(Volume Low, Volume? High)
{
    public static VolumeSpan Exactly(Volume volume) => new(volume, volume);

    public static VolumeSpan AtLeast(Volume volume) => new(volume, null);

    [JsonIgnore]
    public bool IsExact => High is { } high && high == Low;

    public static VolumeSpan operator +(VolumeSpan a, VolumeSpan b) =>
        new(a.Low + b.Low, a.High is { } x && b.High is { } y ? x + y : null);
}
