using JollyBarn.OpenFile;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The ferry keeper's house as it ships.</summary>
internal static class Demo
{
    public static byte[] Bytes { get; } = File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Data", "ferry-keepers-house.json"));

    public static Job Present { get; } = JobFiles.Read(Bytes).File!.Present;
}
