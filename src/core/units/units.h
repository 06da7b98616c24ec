#pragma once

#include "core/basics/result.h"

#include <memory>
#include <string_view>

namespace ledgefall {

/// How numbers in one unit become numbers in another. Units are written as by UDUNITS-2: `mm`, `m/s`, `km h-1`, `°C`,
/// `degF`, `µg`; spelled out too.
class Conversion {
  public:
    /// The conversion from one unit to the other, kept for the next time; a sentence where there is none. Safe from
    /// any thread.
    static Result<std::shared_ptr<const Conversion>> between(std::string_view from, std::string_view to);

    double of(double number) const;

    class Converter;
    explicit Conversion(std::unique_ptr<Converter> converter);
    ~Conversion();

  private:
    std::unique_ptr<Converter> converter_;
};

} // namespace ledgefall
