using Antiphon.Core.Listings.Looks;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Looks;

internal static class LookGens
{
    public static Gen<Colour> Colours { get; } = Gen.Select(Gen.Byte, Gen.Byte, Gen.Byte, (red, green, blue) => new Colour(red, green, blue));
}
